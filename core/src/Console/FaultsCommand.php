<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Parts\Fault;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('faults', 'Every fault that can be injected, with its weight')]
final class FaultsCommand extends CircuitCommand
{
    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Lists every fault that can be injected with --fault, with its weight: how often it is the cause, against the others.
            Modes with a unit in the last column take an amount, as in w24:loose=15.

              <info>levin faults circuits/gas-furnace.yaml</info>


            TEXT.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $faults = array_values($this->settler($input)->model->faults->all);
        $text = implode("\n", array_map(static fn (Fault $f): string => rtrim(sprintf(
            '%-22s %5.2f  %s',
            $f->id(),
            $f->mode->weight,
            $f->label,
        ).($f->mode->amountUnit === '' ? '' : "  [{$f->mode->amountUnit}]")), $faults));

        return [$text, array_map(static fn (Fault $f): array => [
            'id' => $f->id(),
            'label' => $f->label,
            'weight' => $f->mode->weight,
            'wire' => $f->inWire,
            'amount' => $f->mode->amountUnit,
        ], $faults), Command::SUCCESS];
    }
}
