<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Eyes and ears on one part: runs, hums, silent; pulled in, dropped out. */
final readonly class Look implements Test
{
    public const HUMS = 'hums';

    /** What is taken for one another now and then, and how often. [practice, no published source] */
    public const HARD_TO_HEAR = [self::HUMS, 'silent'];

    private const MISHEARD = 0.1;

    public function __construct(public string $part)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "look $this->part";
    }

    #[\Override]
    public function act(): Act
    {
        return Act::eyes($this->part);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Look: '.$circuit->parts[$this->part]->label;
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return $predictor->scene($variant, $when)->posture->observed[$this->part] ?? '';
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return "Look and listen: {$circuit->parts[$this->part]->label}.";
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return (string) $shown;
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return "$this->part $shown";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->part($this->part)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return $hand->look($this->part);
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $others = max(1, count($predictor->settler->model->component($this->part)->observables()) - 1);
        $outlook = $predictor->on($when);
        $isFed = $when->conditions->isEnergised($predictor->settler->model->circuit);
        $fit = function (int $scene) use ($outlook, $shown, $others): Fit {
            $is = $outlook->at($scene)->posture->observed[$this->part] ?? '';
            // a hum is not always heard, and not everything that is heard is one
            $right = match (true) {
                $is === $shown => 1.0,
                in_array($is, self::HARD_TO_HEAR, true) && in_array($shown, self::HARD_TO_HEAR, true) => self::MISHEARD,
                default => 0.0,
            };

            return new Fit($right, (1 - $right) / $others, $right >= Fit::RARE);
        };
        $fits = $alike = [];

        return Outcomes::each($variants, static function (int $v) use ($outlook, $when, $isFed, $fit, &$fits, &$alike): Fit {
            $own = $phases = [];
            $key = '';
            foreach ($outlook->passages($v)->views($when->after) as $scene => $share) {
                $own[] = [$fits[$scene] ??= $fit($scene), $share];
                $phases[] = [$scene => 1.0];
                $key .= "$scene $share ";
            }

            // with the power off it is in no scene of those that it went through
            return $alike[$key] ??= Fit::ofAll($own, $isFed ? $phases : []);
        });
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $this->shows($predictor, $when, 0) === $shown;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Outcomes::by($variants, fn (int $v): string => $this->shows($predictor, $when, $v));
    }
}
