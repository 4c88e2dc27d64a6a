<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** How fast a breaker, a fuse, an overload or a switch opened after it had been reset or replaced. */
final readonly class Tripped implements Test
{
    public const AT_ONCE = 'at once';

    public const SOON = 'within a minute';

    public const LATER = 'after minutes';

    public const NEVER = 'stays in';

    /** Seconds. [practice, no published source] */
    private const ONCE = 2.0;

    private const MINUTE = 60.0;

    /** Nobody has a watch in the hand: the next slower or faster is said so often. [practice, no published source] */
    private const NEXT = 0.1;

    public function __construct(public string $part)
    {
    }

    public static function word(float $seconds): string
    {
        return match (true) {
            $seconds <= self::ONCE => self::AT_ONCE,
            $seconds <= self::MINUTE => self::SOON,
            default => self::LATER,
        };
    }

    #[\Override]
    public function key(): string
    {
        return "how fast $this->part opens";
    }

    #[\Override]
    public function act(): Act
    {
        return Act::eyes($this->part, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'How fast it opens: '.$circuit->part($this->part)->label;
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return "Note how soon it opens again: {$circuit->part($this->part)->label}.";
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return (string) $shown;
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return "$this->part opened $shown";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->part($this->part)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return $hand->opensAfter($this->part);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        $outlook = $predictor->outlook($when->conditions);
        $usual = [];
        foreach (array_keys($outlook->passages(0)->views(null)) as $scene) {
            $usual[$outlook->at($scene)->posture->states[$this->part] ?? ''] = true;
        }
        foreach ($outlook->passages($predictor->variant($variant))->all as $passage) {
            if (! isset($usual[$outlook->at($passage->scene)->posture->states[$this->part] ?? ''])) {
                return self::word($passage->from);
            }
        }

        return self::NEVER;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $fast = [self::AT_ONCE, self::SOON, self::LATER];
        $said = array_search($shown, $fast, true);

        return Outcomes::each($variants, function (int $v) use ($predictor, $when, $fast, $said): Fit {
            $own = array_search($this->shows($predictor, $when, $v), $fast, true);
            $isItself = $predictor->variants[$v]->in($this->part) !== [];
            $chance = match (true) {
                // what opens by itself does so whenever it likes
                $isItself => 1 / count($fast),
                $own === false || $said === false => 0.0,
                $own === $said => 1 - 2 * self::NEXT,
                abs($own - $said) === 1 => self::NEXT,
                default => 0.0,
            };

            return new Fit($chance, (1 - $chance) / count($fast), $chance > 0.0);
        });
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $shown === self::NEVER;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Outcomes::by($variants, fn (int $v): string => $this->shows($predictor, $when, $v));
    }
}
