<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('meter', 'Put a meter on two points: vac, ohms, continuity or mfd')]
final class MeterCommand extends CircuitCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->withSituation()
            ->addArgument('function', InputArgument::REQUIRED, implode(', ', array_column(MeterFunction::cases(), 'value')))
            ->addArgument('red', InputArgument::REQUIRED, 'point of the red probe')
            ->addArgument('black', InputArgument::REQUIRED, 'point of the black probe');
    }

    protected function answer(InputInterface $input): array
    {
        [$name, $red, $black] = self::strings([$input->getArgument('function'), $input->getArgument('red'), $input->getArgument('black')]);
        $function = MeterFunction::tryFrom($name) ?? throw new \DomainException("There is no meter function \"$name\". Use one of: ".implode(', ', array_column(MeterFunction::cases(), 'value')).'.');
        $settler = $this->settler($input);
        $reading = (new Meter($settler))->read($function, $red, $black, $this->settled($input, $settler));
        $text = implode("\n", [$reading->display(), ...$reading->warnings]);

        return [$text, $reading->toArray(), $reading->valid ? Command::SUCCESS : Command::FAILURE];
    }
}
