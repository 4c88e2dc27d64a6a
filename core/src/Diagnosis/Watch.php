<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Eyes and ears on one part while the unit is started: all that it is seen to do. */
final readonly class Watch implements Test
{
    /** Between the things it did, in the order in which the part's kind names them. */
    private const AND = ', ';

    /** A motor that comes up hums for a moment, as often as not too short to be noted, or to be in its story. [practice] */
    private const COMES_UP = 0.2;

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
        return sprintf('Watch %s for %d minutes: all that it does.', $circuit->parts[$this->part]->label, Noting::SECONDS / 60);
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
        return implode(self::AND, $hand->watch($this->part, Noting::SECONDS));
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return $this->inOrder($predictor, $this->seen($predictor, $when, $variant, Noting::everything()));
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
            $noting = $this->chances($predictor, $when, $v);
            foreach ([...$noted, ...$noting] as $seen => $_) {
                $isNoted = $noting[$seen] ?? 0.0;
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

        return Outcomes::by($variants, fn (int $v): string => $this->inOrder(
            $predictor,
            array_diff($this->seen($predictor, $when, $v, Noting::most()), [$still]),
        ));
    }

    /** @return array<string, float> the chance that it is noted, by what it is seen to do */
    private function chances(Predictor $predictor, Occasion $when, int $variant): array
    {
        $chances = [];
        foreach (Noting::all() as $noting) {
            foreach ($this->seen($predictor, $when, $variant, $noting) as $seen) {
                $chances[$seen] = min(1.0, ($chances[$seen] ?? 0.0) + $noting->share);
            }
        }
        $hums = in_array(Look::HUMS, $predictor->settler->model->parts[$this->part]->observables(), true);
        $comesUp = $hums && array_diff(array_keys($chances), Look::HARD_TO_HEAR) !== [];

        return $comesUp ? [...$chances, Look::HUMS => max($chances[Look::HUMS] ?? 0.0, self::COMES_UP)] : $chances;
    }

    /** @return list<string> what it is seen to do */
    private function seen(Predictor $predictor, Occasion $when, int $variant, Noting $noting): array
    {
        $outlook = $predictor->on($when);
        $shares = [];
        foreach ($predictor->goneThrough($variant, $when, $noting) as $scene => $share) {
            $seen = $outlook->at($scene)->posture->observed[$this->part] ?? '';
            $shares[$seen] = ($shares[$seen] ?? 0.0) + $share;
        }

        return array_map(strval(...), array_keys($noting->lasting($shares)));
    }

    /** @param  array<string>  $seen */
    private function inOrder(Predictor $predictor, array $seen): string
    {
        return implode(self::AND, array_intersect($predictor->settler->model->parts[$this->part]->observables(), $seen));
    }
}
