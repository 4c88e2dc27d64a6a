<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;

/** A meter on two points. */
final readonly class Probe implements Test
{
    private Leads $leads;

    public function __construct(public MeterFunction $function, public string $red, public string $black)
    {
        $this->leads = new Leads($function, $red, $black);
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
        return match ($this->function) {
            MeterFunction::VoltsAc => 'Volts',
            MeterFunction::VoltsAcLowZ => 'Volts, low impedance',
            MeterFunction::VoltsDc => 'Volts d.c.',
            MeterFunction::Amps => 'Amperes',
            MeterFunction::MicroampsDc => 'Microamperes',
            MeterFunction::Megohms => 'Megohms',
            MeterFunction::Ohms => 'Ohms',
            MeterFunction::Continuity => 'Continuity',
            MeterFunction::Capacitance => 'Microfarads',
        }.": $this->red → $this->black";
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
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown): array
    {
        $likelihood = new Likelihood($this->function, is_float($shown) ? $shown : null);
        $beside = $this->function === MeterFunction::VoltsAc ? $predictor->besides($this->leads) : [];
        $fit = static fn (View $view): Fit => new Fit(
            $likelihood->right($view->prediction),
            $likelihood->mistaken($view->prediction, array_map(
                static fn (Leads $p): Prediction => $predictor->inScene($p, $when, $view->scene),
                $beside,
            )),
            $likelihood->isExplainedBy($view->prediction),
        );
        $known = $all = [];
        foreach ($predictor->views($this->leads, $when) as $views) {
            $fits = [];
            foreach ($views as $view) {
                // many variants share a scene, and what it explains; a level explains a range of its own
                $fits[] = [$view->prediction->low === null ? $known[$view->scene] ??= $fit($view) : $fit($view), $view->share];
            }
            $all[] = Fit::ofAll($fits);
        }

        return $all;
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Likelihood($this->function, is_float($shown) ? $shown : null))->agrees($predictor->prediction(0, $this->leads, $when));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Likelihood::apart($this->function, $this->countedOn($predictor, $when, $variants));
    }

    /**
     * What each shows, with nothing in the place of a ghost: what that shows cannot be counted on.
     *
     * @param  list<int>  $variants
     * @return array<int, float|null>
     */
    private function countedOn(Predictor $predictor, Occasion $when, array $variants): array
    {
        if ($this->function !== MeterFunction::VoltsAc) {
            $all = [];
            foreach ($variants as $v) {
                $all[$v] = $predictor->reading($v, $this->leads, $when);
            }

            return $all;
        }
        $outlook = $predictor->on($when);
        $model = $predictor->settler->model;
        [$a, $b] = [$model->node($this->red), $model->node($this->black)];
        $volts = $byScene = [];
        foreach ($variants as $v) {
            $n = $outlook->sceneNumber($v, $when->after);
            if (! isset($byScene[$n])) {
                $scene = $outlook->scenes[$n];
                $byScene[$n] = $scene->isGhost($a, $b) ? 0.0 : $scene->volts($a, $b, Meter::INPUT_OHMS);
            }
            $volts[$v] = $byScene[$n];
        }

        return $volts;
    }
}
