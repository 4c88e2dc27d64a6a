<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** A meter on two points. */
final readonly class Probe implements Test
{
    private Leads $leads;

    public function __construct(public MeterFunction $function, public string $red, public string $black)
    {
        $this->leads = new Leads($function, $red, $black);
    }

    /** The same points with the meter on something else. */
    public function on(MeterFunction $function): self
    {
        return new self($function, $this->red, $this->black);
    }

    #[\Override]
    public function key(): string
    {
        return $this->leads->key();
    }

    #[\Override]
    public function act(): Act
    {
        return Act::meter($this->function, $this->red, $this->black);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return $this->measures().": $this->red → $this->black";
    }

    /** As one technician asks another for it: by the parts, not by their letters. */
    public function asked(Circuit $circuit): string
    {
        [$red, $black] = [$circuit->partAt($this->red), $circuit->partAt($this->black)];

        return match (true) {
            $red->id !== $black->id => "{$this->measures()} from $red->label to $black->label",
            count($red->terminals) > 2 => sprintf(
                '%s across %s, %s to %s',
                $this->measures(),
                $red->label,
                $red->lettersAt($this->red),
                $black->lettersAt($this->black),
            ),
            default => "{$this->measures()} across $red->label",
        };
    }

    private function measures(): string
    {
        return match ($this->function) {
            MeterFunction::VoltsAc => 'Volts',
            MeterFunction::VoltsAcLowZ => 'Volts, low impedance',
            MeterFunction::VoltsDc => 'Volts d.c.',
            MeterFunction::Megohms => 'Megohms',
            MeterFunction::Ohms => 'Ohms',
            MeterFunction::Continuity => 'Continuity',
            MeterFunction::Capacitance => 'Microfarads',
            MeterFunction::Amps, MeterFunction::MicroampsDc => throw new \LogicException('No probe goes on wires.'),
        };
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): ?float
    {
        return $predictor->reading($variant, $this->leads, $when);
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return 'Red on '.Spot::words($circuit, $this->red).'; black on '.Spot::words($circuit, $this->black).'.';
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format($this->function, $shown) : 'OL';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." on $this->red → $this->black";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($this->red)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): ?float
    {
        return $hand->measure($this->function, $this->red, $this->black);
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $beside = array_map(
            static fn (Leads $leads): Volts => $predictor->volts($leads, $when),
            $this->function->isVoltsAc() ? $predictor->besides($this->leads) : [],
        );

        return (new Reading($this->function, $shown))->fits(
            $predictor->views($this->leads, $when, $variants),
            static fn (View $view): array => array_map(static fn (Volts $volts): Prediction => $volts->in($view->scene), $beside),
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Reading($this->function, $shown))->agrees($predictor->prediction(0, $this->leads, $when));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        if (! $this->function->isVoltsAc()) {
            return Likelihood::apart($this->function, Outcomes::each(
                $variants,
                fn (int $v): ?float => $predictor->reading($v, $this->leads, $when),
            ));
        }
        $there = $predictor->volts($this->leads, $when);
        $volts = $sways = [];
        foreach ($variants as $v) {
            $shown = $there->in($predictor->sceneNumber($v, $when));
            // what a ghost shows cannot be counted on: nothing stands in its place
            [$volts[$v], $sways[$v]] = $shown->isGhost ? [0.0, 0.0] : [$shown->value, $shown->sway()];
        }

        return Likelihood::apart($this->function, $volts, $sways);
    }
}
