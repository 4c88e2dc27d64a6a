<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Checks\Unopened;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('solve', 'Let the circuit settle; print part states, point voltages against earth and wire currents')]
final class SolveCommand extends CircuitCommand
{
    #[\Override]
    protected function configure(): void
    {
        parent::configure();
        $this->withSituation();
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Lets the unit come to rest, timers included, and prints what every part does, the voltage of every point against
            earth and the current of every wire. Heat, run time and slow quantities stay put; see <info>levin run</info>.

              <info>levin solve circuits/rooftop-460.yaml -w call_cool_2=off -f OFM1:seized</info>


            TEXT.self::SITUATIONS.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        [$settler, $settled] = $this->settled($input);
        $circuit = $settler->model->circuit;
        $states = [];
        foreach ($settler->model->parts as $id => $component) {
            $seen = $component->observables() === [] ? ($settled->states[$id] ?? '') : $settled->observed($id);
            if ($seen !== '') {
                $states[$id] = $seen;
            }
        }
        $points = $currents = [];
        foreach ($circuit->points() as $point) {
            $v = $settled->at($point);
            $points[$point] = ['re' => $v->re, 'im' => $v->im, 'volts' => $v->abs()];
        }
        foreach ($circuit->wires as $id => $wire) {
            $currents[$id] = $settled->wireCurrent($id)->abs();
        }
        $text = [];
        if ($settled->chattering !== []) {
            $text[] = sprintf(
                'It never settles: %s move again and again, every %.3g s.',
                implode(', ', $settled->chattering),
                $settled->chatterPeriod,
            );
        }
        $unopened = Unopened::in($settled);
        if ($unopened !== null) {
            $text[] = $unopened->words();
        }
        foreach ($states as $id => $state) {
            $text[] = sprintf('%-10s %s', $id, $state);
        }
        foreach ($points as $point => $v) {
            $text[] = sprintf('%-10s %10.4f V  (%.4f %+.4fj)', $point, $v['volts'], $v['re'], $v['im']);
        }
        foreach ($currents as $id => $amps) {
            $text[] = sprintf('%-10s %10.4f A  %s → %s', $id, $amps, $circuit->wires[$id]->from, $circuit->wires[$id]->to);
        }
        $data = [
            'settles' => $settled->chattering === [],
            'unopened' => $unopened,
            'chattering' => $settled->chattering,
            'period' => $settled->chatterPeriod,
            'quantities' => $settled->conditions->numbers(),
            'rounds' => $settled->rounds,
            'seconds' => $settled->elapsed,
            'states' => $states,
            'points' => $points,
            'currents' => $currents,
        ];

        return [implode("\n", $text), $data, $settled->chattering === [] && $unopened === null ? Command::SUCCESS : Command::FAILURE];
    }
}
