<?php

declare(strict_types=1);

namespace Levin\Core\Console;

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
        $text = "$circuit->title: sound. ".implode(
            ', ',
            array_map(static fn (string $k, int $n): string => "$n $k", array_keys($counts), $counts),
        ).'.';

        return [$text, ['sound' => true, 'id' => $circuit->id, ...$counts], Command::SUCCESS];
    }
}
