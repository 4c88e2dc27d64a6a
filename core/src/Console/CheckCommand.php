<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Checks\BranchCircuit;
use Levin\Core\Checks\BranchCircuits;
use Levin\Core\Checks\Unopened;
use Levin\Core\Checks\Unwell;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
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
            (NEC 440.22, 440.32–33, 424.4(B)) and warns of one that is larger. Local codes and the unit's plate come first.

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
        $unopened = Unopened::anywhere($model);
        if ($unopened !== null) {
            return [$circuit->id.': '.$unopened->words(), ['sound' => false, 'unopened' => $unopened], Command::FAILURE];
        }
        $branches = BranchCircuits::of($model);
        $healthy = Settler::of($model)->settle(Conditions::healthyDefaults($circuit), Faults::none());
        $unwell = array_map(static fn (Unwell $u): string => $u->words(), Unwell::in($healthy));
        $overfused = array_map(
            static fn (BranchCircuit $b): string => sprintf(
                'line %d: %s: %g A is more than the %d A that its loads allow (%s). Fit %d A, or correct its plate.',
                $circuit->part($b->device)->line, $b->device, $b->fitted, $b->maximumDevice, $b->rule, $b->maximumDevice,
            ),
            array_values(array_filter($branches, static fn (BranchCircuit $b): bool => $b->isOverfused())),
        );
        $warnings = [...$overfused, ...$unwell];
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
