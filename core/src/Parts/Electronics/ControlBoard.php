<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Electronics;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Sequencing\Input;
use Levin\Core\Parts\Sequencing\Move;
use Levin\Core\Parts\Sequencing\Program;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A control board: what it senses and switches is wiring, what it does is the program in its circuit file. */
final class ControlBoard extends Kind
{
    private ?Program $program = null;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('board', 'Control board', [], [
            Field::number('va', 'VA', 'what the board itself takes', 0.1, 60, 3),
            Field::number('volts', 'V', 'rated supply', 5, 480, 24),
        ], programmed: true,
            usual: ['va' => 4],
        );
    }

    /** @throws \Levin\Core\Parts\Sequencing\BadProgram */
    public function program(): Program
    {
        return $this->program ??= Program::fromArray($this->part->program, $this->part->terminals);
    }

    #[\Override]
    public function check(): void
    {
        $this->program();
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $program = $this->program();
        [$name] = Program::unpack($state);
        $on = $program->steps[$name]->on ?? [];
        $elements = [
            Element::between($program->from, $program->to, Values::ohms($this->part->number('volts') ** 2 / $this->part->number('va'))),
        ];
        foreach ($program->inputs as $input) {
            array_push($elements, ...$input->elements($setting, $name !== Program::OFF));
        }
        foreach ($program->outputs as $output) {
            $closed = (in_array($output->name, $on, true) !== $output->normallyClosed) && ! $setting->has("$output->name-open");
            $elements[] = Element::between($output->from, $output->to, Values::contact($closed || $setting->has("$output->name-welded")));
        }

        return $elements;
    }

    #[\Override]
    public function initialState(): string
    {
        return Program::OFF;
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $program = $this->program();
        if ($setting->has('dead') || $voltages->volts($program->from, $program->to) < $program->minimum) {
            return Program::OFF;
        }
        if ($state === Program::OFF) {
            return array_key_first($program->steps) ?? Program::OFF;
        }
        foreach ($this->open($state, $voltages) as [$move, $counts]) {
            if ($move->after <= 0.0) {
                return Program::pack($move->to, $move->counted($counts));
            }
        }

        return $state;
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return array_map(
            static fn (array $open): Pending => new Pending(Program::pack($open[0]->to, $open[0]->counted($open[1])), $open[0]->after),
            $this->open($state, $voltages),
        );
    }

    #[\Override]
    public function observables(): array
    {
        return $this->program()->lamps();
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        [$name] = Program::unpack($state);
        $lamp = $this->program()->steps[$name]->lamp ?? '';

        return $lamp === '' ? 'dark' : $lamp;
    }

    #[\Override]
    public function told(string $state, string $seen): string
    {
        [$step] = Program::unpack($state);

        return $seen === '' ? $step : "$step, $seen";
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [new FaultMode('dead', 'board dead with power on it', 1.0)];
        foreach ($this->program()->outputs as $output) {
            $faults[] = new FaultMode("$output->name-open", "$output->name output does not come on", 0.8);
            $faults[] = new FaultMode("$output->name-welded", "$output->name output stuck on", 0.2);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        $program = $this->program();
        $symbols = [new Symbol(SymbolShape::Board, $program->from, $program->to, 'board')];
        foreach ($program->inputs as $input) {
            $symbols[] = new Symbol(SymbolShape::Sense, $input->from, $input->to, $input->name);
        }
        foreach ($program->outputs as $output) {
            $symbols[] = new Symbol(SymbolShape::Contact, $output->from, $output->to, $output->name);
        }

        return $symbols;
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }

    /** @return list<array{Move, array<string, int>}> the moves out of a step that are open now */
    private function open(string $state, Voltages $voltages): array
    {
        $program = $this->program();
        [$name, $counts] = Program::unpack($state);
        $step = $program->steps[$name] ?? null;
        if ($step === null || $step->moves === []) {
            return [];
        }
        // only what the step asks for: to sense a flame takes a solve of its own
        $sensed = array_map(
            static fn (Input $i): bool => $i->isSensed($voltages),
            array_intersect_key($program->inputs, $step->asksFor()),
        );

        return array_map(
            static fn (Move $m): array => [$m, $counts],
            array_values(array_filter($step->moves, static fn (Move $m): bool => $m->isOpen($sensed, $counts))),
        );
    }
}
