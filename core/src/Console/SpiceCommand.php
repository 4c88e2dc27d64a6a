<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Interchange\SpiceNetlist;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('spice', 'The settled circuit as a SPICE netlist; a comment names the point of each node')]
final class SpiceCommand extends CircuitCommand
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
            Prints the unit at rest as a SPICE netlist for one a.c. analysis. Comments at the head say which node is which point.

              <info>levin spice circuits/heat-pump.yaml | ngspice -b</info>


            TEXT.self::SITUATIONS.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        [$settler, $settled] = $this->settled($input);
        $netlist = SpiceNetlist::of($settled);

        return [
            rtrim($netlist),
            ['netlist' => $netlist, 'nodes' => array_map(SpiceNetlist::node(...), $settler->model->nodes->all())],
            Command::SUCCESS,
        ];
    }
}
