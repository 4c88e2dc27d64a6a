<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Checks\BranchCircuit;
use Levin\Core\Checks\BranchCircuits;
use Levin\Core\Checks\Slips\Slips;
use Levin\Core\Operation\Model;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('check', 'Is the circuit sound? Exit 0, or a list of problems and exit 1')]
final class CheckCommand extends CircuitCommand
{
    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Reads a circuit file and says whether it is sound: its form, its kinds, their plates and programs, and that every
            terminal is wired. Each problem is named with its line, the part or wire, and what to do.

            A unit whose switches put a short on its supply is not sound either: it is let settle as it stands, and with each
            condition the other way.

            Of every fuse and breaker that feeds motors or heaters it computes the minimum circuit ampacity and the largest device
            (NEC 440.22, 440.32–33, 424.4(B)) and warns of one that is larger. Local codes and the unit's plate come first. It warns of
            other slips of whoever copies a diagram as well: a load with no way back, two loads in series, a coil on the wrong volts,
            what blows with nothing wrong, a wire to nowhere, a transformer whose loads have no fuse before them.

              <info>levin check circuits/gas-furnace.yaml</info>


            TEXT.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $circuit = $this->circuit($input);
        $model = new Model($circuit);
        $counts = [
            'parts' => count($circuit->parts),
            'wires' => count($circuit->wires),
            'points' => count($circuit->points()),
            'faults' => count($model->faults->all),
        ];
        $wrong = Slips::in($model);
        if (($wrong[0] ?? null)?->bars === true) {
            return [$circuit->id.': '.$wrong[0], ['sound' => false, 'wrong' => $wrong], Command::FAILURE];
        }
        $branches = BranchCircuits::of($model);
        $warnings = array_map(strval(...), $wrong);
        $text = [
            "$circuit->title: sound. ".implode(
                ', ',
                array_map(static fn (string $k, int $n): string => "$n $k", array_keys($counts), $counts),
            ).'.',
            ...array_map(static fn (BranchCircuit $b): string => sprintf(
                '%-6s %g A: minimum ampacity %.1f A, largest device %d A (%s)',
                $b->device, $b->fitted, $b->minimumAmpacity, $b->maximumDevice, implode(', ', $b->loads),
            ), $branches),
            ...array_map(static fn (string $w): string => "warning: $w", $warnings),
        ];
        $data = ['sound' => true, 'id' => $circuit->id, ...$counts, 'branches' => $branches, 'warnings' => $warnings];

        return [implode("\n", $text), $data, Command::SUCCESS];
    }
}
