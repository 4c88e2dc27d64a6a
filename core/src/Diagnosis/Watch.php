<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Eyes and ears on one part while the unit is started: all that it is seen to do. */
final readonly class Watch implements Test
{
    /** A start is watched so long. [practice, no published source] */
    public const SECONDS = 240.0;

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
        $outlook = $predictor->on($when);
        $seen = [];
        foreach ($predictor->goneThrough($variant, $when, self::SECONDS) as $scene) {
            $seen[$outlook->at($scene)->posture->observed[$this->part] ?? ''] = true;
        }
        $order = $predictor->settler->model->parts[$this->part]->observables();

        return implode(self::AND, array_filter($order, static fn (string $state): bool => isset($seen[$state])));
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $others = max(1, 2 ** count($predictor->settler->model->parts[$this->part]->observables()) - 2);
        $did = $this->did($predictor, $when, (string) $shown);

        return Outcomes::each(
            $variants,
            fn (int $v): Fit => $this->did($predictor, $when, $this->shows($predictor, $when, $v)) === $did
                ? new Fit(1.0, 0.0, true)
                : new Fit(0.0, 1 / $others, false),
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $this->did($predictor, $when, $this->shows($predictor, $when, 0)) === $this->did($predictor, $when, (string) $shown);
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Outcomes::by($variants, fn (int $v): string => $this->did($predictor, $when, $this->shows($predictor, $when, $v)));
    }

    /** What of all that was seen is more than standing still: how long it stood still before depends on what was before. */
    private function did(Predictor $predictor, Occasion $when, string $shown): string
    {
        return implode(self::AND, array_diff(explode(self::AND, $shown), [$predictor->atRest($this->part, $when->conditions)]));
    }
}
