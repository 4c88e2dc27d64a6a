<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** A clamp round some conductors, or round one that goes through its jaw several times. */
final readonly class Clamp implements Test
{
    /**
     * @param  non-empty-list<Clamped>  $wires
     * @param  int  $turns  how often they go through the jaw; the display shows that many times the current
     */
    public function __construct(public array $wires, public int $turns = 1)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "clamp {$this->around()} × $this->turns";
    }

    #[\Override]
    public function act(): Act
    {
        return Act::onWires(MeterFunction::Amps, $this->around());
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Amperes: '.$this->around().$this->wound();
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        $words = array_map(static fn (Clamped $c): string => Spot::wire($circuit, $c->wire), $this->wires);

        return 'Clamp round '.implode(' and ', $words).$this->wound().'.';
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format(MeterFunction::Amps, $shown) : 'OL';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown).' in '.$this->around().$this->wound();
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($circuit->wire($this->wires[0]->wire)->from)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): ?float
    {
        return $hand->clamp($this->wires, $this->turns);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): ?float
    {
        return $this->inScene($predictor->scene($variant, $when), $this->through($predictor))->value;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        [$outlook, $through] = [$predictor->on($when), $this->through($predictor)];

        return (new Reading(MeterFunction::Amps, $shown))->fits(
            $predictor->viewsOf($when, $variants, fn (int $scene): Prediction => $this->inScene($outlook->at($scene), $through)),
            static fn (): array => [],
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Reading(MeterFunction::Amps, $shown))->agrees(new Prediction($this->shows($predictor, $when, 0)));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        [$outlook, $through] = [$predictor->on($when), $this->through($predictor)];
        $amps = $byScene = [];
        foreach ($variants as $v) {
            $scene = $predictor->sceneNumber($v, $when);
            $amps[$v] = $byScene[$scene] ??= $this->inScene($outlook->at($scene), $through)->value;
        }

        return Likelihood::apart(MeterFunction::Amps, $amps);
    }

    /** @param  list<array{int, float}>  $through  as through() has it */
    private function inScene(Scene $scene, array $through): Prediction
    {
        return new Prediction($this->turns * $scene->amps($through));
    }

    /**
     * @return list<array{int, float}> numbers of the wires in the circuit's order, each with 1, or −1 against its direction
     *
     * @throws UnknownName
     */
    private function through(Predictor $predictor): array
    {
        $circuit = $predictor->settler->model->circuit;
        $order = array_flip(array_keys($circuit->wires));

        return array_map(
            static fn (Clamped $c): array => [$order[$circuit->wire($c->wire)->id], $c->against ? -1.0 : 1.0],
            $this->wires,
        );
    }

    private function around(): string
    {
        return implode('+', $this->wires);
    }

    private function wound(): string
    {
        return $this->turns > 1 ? ", $this->turns turns" : '';
    }
}
