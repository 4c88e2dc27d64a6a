<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Eyes and ears on one part while the unit is started: all that it is seen to do. */
final readonly class Watch implements Test
{
    /** A start is watched so long. [practice, no published source] */
    public const SECONDS = 240.0;

    /** Of those who watch so many note nothing shorter, share and seconds. [practice, no published source] */
    public const NOTING = [[0.5, 0.0], [0.4, self::SHORT], [0.1, 8.0]];

    /** What lasts so long is counted on to be noted, seconds. [practice, no published source] */
    public const SHORT = 3.5;

    /** Between the things it did, in the order in which the part's kind names them. */
    private const AND = ', ';

    public function __construct(public string $part)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "watch $this->part";
    }

    #[\Override]
    public function act(): Act
    {
        return Act::eyes($this->part, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Start it and watch: '.$circuit->parts[$this->part]->label;
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return sprintf('Watch %s for %d minutes: all that it does.', $circuit->parts[$this->part]->label, self::SECONDS / 60);
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return (string) $shown;
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return "$this->part as it starts: $shown";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->part($this->part)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return implode(self::AND, $hand->watch($this->part, self::SECONDS));
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return $this->inOrder($predictor, $this->seconds($predictor, $when, $variant));
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $others = max(1, 2 ** count($predictor->settler->model->parts[$this->part]->observables()) - 2);
        $noted = array_fill_keys(explode(self::AND, (string) $shown), true);
        // how long it stood still before depends on what was before
        $still = $predictor->atRest($this->part, $when->conditions);

        return Outcomes::each($variants, function (int $v) use ($predictor, $when, $noted, $still, $others): Fit {
            $chance = 1.0;
            $seconds = $this->seconds($predictor, $when, $v);
            foreach ([...$noted, ...$seconds] as $seen => $_) {
                $isNoted = self::isNoted($seconds[$seen] ?? 0.0);
                $chance *= $seen === $still ? 1.0 : (isset($noted[$seen]) ? $isNoted : 1 - $isNoted);
            }

            return new Fit($chance, 1 / $others, $chance > Fit::RARE);
        });
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $this->fits($predictor, $when, $shown, [0])[0]->explains;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $still = $predictor->atRest($this->part, $when->conditions);

        return Outcomes::by($variants, fn (int $v): string => $this->inOrder($predictor, array_filter(
            $this->seconds($predictor, $when, $v),
            static fn (float $seconds, string $seen): bool => $seen !== $still && $seconds >= self::SHORT,
            ARRAY_FILTER_USE_BOTH,
        )));
    }

    /** The chance that someone who watches says so: what is over in a moment may pass for a part of the start. */
    private static function isNoted(float $seconds): float
    {
        $chance = 0.0;
        foreach ($seconds > 0.0 ? self::NOTING : [] as [$share, $least]) {
            $chance += $seconds >= $least ? $share : 0.0;
        }

        return $chance;
    }

    /** @return array<string, float> seconds by what it is seen to do */
    private function seconds(Predictor $predictor, Occasion $when, int $variant): array
    {
        $outlook = $predictor->on($when);
        $seconds = [];
        foreach ($predictor->goneThrough($variant, $when, self::SECONDS) as $scene => $share) {
            $seen = $outlook->at($scene)->posture->observed[$this->part] ?? '';
            $seconds[$seen] = ($seconds[$seen] ?? 0.0) + $share * self::SECONDS;
        }

        return $seconds;
    }

    /** @param  array<string, float>  $seconds  by what it is seen to do */
    private function inOrder(Predictor $predictor, array $seconds): string
    {
        return implode(self::AND, array_intersect($predictor->settler->model->parts[$this->part]->observables(), array_keys($seconds)));
    }
}
