<?php

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Http\Resources\CallResource;
use App\Http\Resources\EventResource;
use App\Models\Call;
use App\Models\CallEvent;
use Illuminate\Http\Request;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Meaning;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Ladder\Layout;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Record\Standing;

/** Everything the trace screen shows of a call, computed from its log and its circuit. */
final readonly class Trace
{
    /** The diagram is drawn as the leading suspect has it once that is this probable. */
    private const LEADING = 0.5;

    public function __construct(private CircuitShelf $shelf)
    {
    }

    /** @return array<string, mixed> */
    public function of(Call $call, Request $request): array
    {
        $call->load(['unit.site', 'technician', 'events.user']);
        $id = $call->unit->circuit;
        $settler = $this->shelf->settler($id);
        $model = $settler->model;
        $standing = $this->standing($call, $model->circuit);
        $assessment = $this->shelf->investigation($id)->assess(array_values($standing->evidence), $standing->conditions, $standing->provedDead, $standing->place);
        $leading = $this->leading($assessment, $standing);
        $settled = $settler->settle($standing->conditions, $leading === null ? [] : array_slice($leading->faults, 0, 1));

        return [
            'call' => (new CallResource($call))->toArray($request),
            'standing' => [
                'conditions' => array_values(array_map(fn (Condition $c): array => [
                    'name' => $c->name, 'label' => $c->label, 'value' => $standing->conditions->isOn($c->name),
                    'says' => $standing->conditions->isOn($c->name) ? $c->on : $c->off, 'power' => $c->power, 'default' => $c->default, 'words' => [$c->off, $c->on],
                ], $model->circuit->conditions)),
                'lifted' => $standing->conditions->lifted,
                'proved_dead' => $standing->provedDead,
                'power_still_on' => $standing->powerStillOn(),
                'highest_volts' => Energy::highest($settled),
                'closed' => $standing->closed,
            ],
            'events' => $call->events->map(fn (CallEvent $e): array => (new EventResource($e))->toArray($request))->values()->all(),
            'meanings' => array_combine(array_keys($standing->evidence), array_map(fn (Meaning $m): array => ['as_healthy' => $m->asHealthy, 'text' => $m->text], $assessment->meanings)),
            'struck' => (object) $standing->struck,
            'diagram' => $this->diagram($model, $settled, $leading),
            'suspects' => [
                'total' => $assessment->suspects,
                'in_play' => $assessment->inPlay,
                'contradiction' => $assessment->contradiction,
                'groups' => array_map(fn (SuspectGroup $g): array => ['faults' => $g->faults, 'labels' => $g->labels, 'probability' => $g->probability], array_slice($assessment->groups, 0, 8)),
                'more' => max(0, count($assessment->groups) - 8),
                'found' => $assessment->found()?->faults,
            ],
            'next' => array_map(fn (Advice $a): array => $this->advice($a, $model->circuit, $standing), $assessment->next),
            'proved' => $assessment->proved,
        ];
    }

    /**
     * @return array{value: float|null, display: string, refused: string|null}
     *
     * @throws UnknownName
     */
    public function expected(Call $call, MeterFunction $function, string $red, string $black): array
    {
        $call->load(['unit', 'events']);
        $id = $call->unit->circuit;
        $standing = $this->standing($call, $this->shelf->model($id)->circuit);
        if ($function->isDeadTest() && ! $standing->provedDead) {
            return ['value' => null, 'display' => '', 'refused' => 'Not proved dead. Switch off, lock out and prove dead before a dead test.'];
        }
        $value = $this->shelf->investigation($id)->expected($function, $red, $black, $standing->conditions);

        return ['value' => $value, 'display' => $value === null ? 'OL' : Display::format($function, $value), 'refused' => null];
    }

    private function standing(Call $call, Circuit $circuit): Standing
    {
        return Standing::after($circuit, $call->events->map(fn (CallEvent $e) => $e->toEvent()));
    }

    private function leading(Assessment $assessment, Standing $standing): ?SuspectGroup
    {
        $first = $assessment->groups[0] ?? null;

        return $standing->evidence !== [] && $first !== null && $first->faults !== [] && $first->probability >= self::LEADING ? $first : null;
    }

    /** @return array<string, mixed> */
    private function diagram(Model $model, Settled $settled, ?SuspectGroup $leading): array
    {
        $drawing = Layout::of($model);
        $energy = Energy::ofPoints($settled);
        $symbols = [];
        foreach ($drawing->symbols as $symbol) {
            $symbols[] = [
                'part' => $symbol['part'], 'shape' => $symbol['shape'], 'caption' => $symbol['caption'], 'left' => $symbol['left'], 'right' => $symbol['right'],
                'label' => $model->circuit->parts[$symbol['part']]->label,
                'x1' => $symbol['x1'], 'x2' => $symbol['x2'], 'y' => $symbol['y'],
                'strokes' => $settled->conducts($symbol['part'], $symbol['left'], $symbol['right']) ? $symbol['closed'] : $symbol['open'],
                'seen' => $model->components[$symbol['part']]->observables() === [] ? null : $settled->observed($symbol['part']),
            ];
        }

        return [
            'width' => $drawing->width, 'height' => $drawing->height, 'titles' => $drawing->titles, 'rails' => $drawing->rails,
            'points' => $drawing->points, 'symbols' => $symbols, 'conductors' => $drawing->conductors,
            'energy' => array_map(fn (Energy $e): string => $e->value, $energy),
            'drawn_as' => $leading?->labels[0],
            'wires' => array_values(array_map(fn ($w): array => ['id' => $w->id, 'from' => $w->from, 'to' => $w->to, 'colour' => $w->colour, 'gauge' => $w->gauge->value], $model->circuit->wires)),
            'parts' => array_map(fn ($c): array => ['label' => $c->part->label, 'observables' => $c->observables(), 'place' => $model->circuit->places[$c->part->place]->label], $model->components),
        ];
    }

    /** @return array<string, mixed> */
    private function advice(Advice $advice, Circuit $circuit, Standing $standing): array
    {
        $test = $advice->test;
        $changes = [];
        foreach ($circuit->conditions as $condition) {
            if ($test->conditions->isOn($condition->name) !== $standing->conditions->isOn($condition->name)) {
                $changes[] = ['name' => $condition->name, 'label' => $condition->label, 'value' => $test->conditions->isOn($condition->name), 'says' => $test->conditions->isOn($condition->name) ? $condition->on : $condition->off];
            }
        }

        return [
            'function' => $test->function?->value,
            'red' => $test->red,
            'black' => $test->black,
            'title' => $advice->title,
            'why' => $advice->why,
            'expected' => $advice->expected,
            'bits' => $advice->bits,
            'minutes' => $test->minutes,
            'line_voltage' => $test->risk > 1.0,
            'first' => ['changes' => $changes, 'lift' => $test->lift, 'land' => array_values(array_diff($standing->conditions->lifted, $test->conditions->lifted)), 'prove_dead' => $test->function?->isDeadTest() === true && ! $standing->provedDead],
            'choices' => $test->function === null ? $this->shelf->model($circuit->id)->components[$test->red]->observables() : [],
            'place' => $test->function === null ? $circuit->places[$circuit->part($test->red)->place]->label : $circuit->placeOf($test->red)->label,
        ];
    }
}
