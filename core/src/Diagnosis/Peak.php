<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/**
 * A meter clipped on two points while the unit is started: the most volts that stand for some seconds; over a contact, while its armature
 * is in: before and after, what stands there says nothing of it.
 */
final readonly class Peak implements Test
{
    public function __construct(public string $red, public string $black)
    {
    }

    #[\Override]
    public function key(): string
    {
        return 'most volts '.min($this->red, $this->black).' '.max($this->red, $this->black);
    }

    #[\Override]
    public function act(): Act
    {
        return Act::meter(MeterFunction::VoltsAc, $this->red, $this->black, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return "Start it with the meter clipped on, most volts: $this->red → $this->black";
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return sprintf(
            'Clip red on %s, black on %s before it is switched on; note the most volts of the first %d minutes; '
                .'over a contact, while it is pulled in.',
            Spot::words($circuit, $this->red),
            Spot::words($circuit, $this->black),
            Noting::SECONDS / 60,
        );
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format(MeterFunction::VoltsAc, $shown) : 'OL';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." at most on $this->red → $this->black as it starts";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($this->red)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): float
    {
        return $hand->peak(MeterFunction::VoltsAc, $this->red, $this->black, Noting::SECONDS);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): float
    {
        return (float) $this->predictions($predictor, $when)($variant, Noting::most())->value;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $most = $this->predictions($predictor, $when);
        $views = Outcomes::each($variants, static fn (int $v): array => array_map(
            static fn (Noting $noting): View => View::ofItsOwn($most($v, $noting), $noting->share, -1 - $v),
            Noting::all(),
        ));

        return (new Reading(MeterFunction::VoltsAc, $shown))->fits(
            $predictor->ranged($views, $when),
            static fn (): array => [],
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        $most = $this->predictions($predictor, $when);
        foreach (Noting::all() as $noting) {
            if ((new Reading(MeterFunction::VoltsAc, $shown))->agrees($most(0, $noting))) {
                return true;
            }
        }

        return false;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $most = $this->predictions($predictor, $when);
        $volts = $sways = [];
        foreach ($variants as $v) {
            $prediction = $most($v, Noting::most());
            [$volts[$v], $sways[$v]] = $prediction->isGhost ? [0.0, 0.0] : [$prediction->value, $prediction->sway()];
        }

        return Likelihood::apart(MeterFunction::VoltsAc, $volts, $sways);
    }

    /**
     * Of each variant; where nothing stands long enough to be noted, of what stands for a moment.
     *
     * @return \Closure(int, Noting): Prediction
     */
    private function predictions(Predictor $predictor, Occasion $when): \Closure
    {
        $volts = $predictor->volts(new Leads(MeterFunction::VoltsAc, $this->red, $this->black), $when);
        $relay = $predictor->settler->model->contactBetween($this->red, $this->black);
        $dropped = $relay === null ? '' : $predictor->atRest($relay, $when->conditions);
        $outlook = $predictor->on($when);
        $isIn = static fn (int $scene): bool => $outlook->at($scene)->posture->observed[$relay] !== $dropped;

        return static function (int $variant, Noting $noting) use ($predictor, $when, $volts, $relay, $isIn): Prediction {
            $shares = $predictor->goneThrough($variant, $when, $noting);
            $shares = $relay === null ? $shares : array_filter($shares, $isIn, ARRAY_FILTER_USE_KEY);
            $long = $noting->lasting($shares);
            $most = new Prediction(0.0);
            foreach (array_keys($long === [] ? $shares : $long) as $scene) {
                $here = $volts->in($scene);
                $most = $here->value > $most->value ? $here : $most;
            }

            return $most;
        };
    }
}
