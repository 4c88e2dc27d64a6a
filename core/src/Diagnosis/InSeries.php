<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** A meter on microamperes, in series with a wire: a flame's current. */
final readonly class InSeries implements Test
{
    private Ammeter $ammeter;

    public function __construct(public string $wire)
    {
        $this->ammeter = new Ammeter($wire);
    }

    #[\Override]
    public function key(): string
    {
        return $this->ammeter->key();
    }

    #[\Override]
    public function act(): Act
    {
        return Act::onWires(MeterFunction::MicroampsDc, $this->wire);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return "Microamperes: in series with $this->wire";
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return 'Power off: '.Spot::wire($circuit, $this->wire).' off one end, the meter between it and its terminal; then on again.';
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format(MeterFunction::MicroampsDc, $shown) : 'OL';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." in $this->wire";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($circuit->wire($this->wire)->from)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): ?float
    {
        return $hand->inSeries($this->wire);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): ?float
    {
        return $predictor->inSeries($variant, $this->ammeter, $when)->value;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        return (new Reading(MeterFunction::MicroampsDc, $shown))->fits(
            $predictor->viewsInSeries($this->ammeter, $when, $variants),
            static fn (): array => [],
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Reading(MeterFunction::MicroampsDc, $shown))->agrees($predictor->inSeries(0, $this->ammeter, $when));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $amps = [];
        foreach ($variants as $v) {
            $amps[$v] = $this->shows($predictor, $when, $v);
        }

        return Likelihood::apart(MeterFunction::MicroampsDc, $amps);
    }
}
