<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('solve', 'Let the circuit settle; print part states, point voltages against earth and wire currents')]
final class SolveCommand extends CircuitCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->withSituation();
    }

    protected function answer(InputInterface $input): array
    {
        $settler = $this->settler($input);
        $settled = $this->settled($input, $settler);
        $circuit = $settler->model->circuit;
        $states = [];
        foreach ($settler->model->components as $id => $component) {
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
            $text[] = 'It never settles: '.implode(', ', $settled->chattering).' chatter.';
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
        $data = ['settles' => $settled->chattering === [], 'chattering' => $settled->chattering, 'rounds' => $settled->rounds, 'states' => $states, 'points' => $points, 'currents' => $currents];

        return [implode("\n", $text), $data, $settled->chattering === [] ? Command::SUCCESS : Command::FAILURE];
    }
}
