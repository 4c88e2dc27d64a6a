<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** A meter on microamperes in series with a flame rod while the burner is started: the most that it shows. */
final readonly class FlameCurrent implements Test
{
    private Ammeter $ammeter;

    public function __construct(public string $wire)
    {
        $this->ammeter = new Ammeter($wire);
    }

    #[\Override]
    public function key(): string
    {
        return 'most '.$this->ammeter->key();
    }

    #[\Override]
    public function act(): Act
    {
        return Act::onWires(MeterFunction::MicroampsDc, $this->wire, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return "Start it with the meter in series, most microamperes: $this->wire";
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return 'Power off: '.Spot::wire($circuit, $this->wire).' off one end, the meter between it and its terminal; '
            .'then on again, and note the most microamperes while it tries to light.';
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format(MeterFunction::MicroampsDc, $shown) : 'OL';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." at most in $this->wire as it starts";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($circuit->wire($this->wire)->from)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): ?float
    {
        return $hand->mostInSeries($this->wire, Noting::SECONDS);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): float
    {
        return (float) $this->prediction($predictor, $when, $variant)->value;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $views = $predictor->ranged(Outcomes::each(
            $variants,
            fn (int $v): array => [View::ofItsOwn($this->prediction($predictor, $when, $v), 1.0, -1 - $v)],
        ), $when);

        return (new Reading(MeterFunction::MicroampsDc, $shown))->fits($views, static fn (): array => []);
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Reading(MeterFunction::MicroampsDc, $shown))->agrees($this->prediction($predictor, $when, 0));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Likelihood::apart(
            MeterFunction::MicroampsDc,
            Outcomes::each($variants, fn (int $v): float => $this->shows($predictor, $when, $v)),
        );
    }

    private function prediction(Predictor $predictor, Occasion $when, int $variant): Prediction
    {
        return $predictor->mostInSeries($variant, $this->ammeter, $when);
    }
}
