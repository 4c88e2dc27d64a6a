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
    protected function answer(InputInterface $input): array
    {
        $faults = array_values($this->settler($input)->model->faults);
        $text = implode("\n", array_map(static fn (Fault $f): string => sprintf('%-20s %4.1f  %s', $f->id(), $f->mode->weight, $f->label), $faults));

        return [$text, array_map(static fn (Fault $f): array => ['id' => $f->id(), 'label' => $f->label, 'weight' => $f->mode->weight, 'wire' => $f->inWire], $faults), Command::SUCCESS];
    }
}
