<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Copper;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Operation\Settled;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

#[AsCommand('meter', 'Put a meter on two points, or a clamp round wires')]
final class MeterCommand extends CircuitCommand
{
    #[\Override]
    protected function configure(): void
    {
        parent::configure();
        $this->withSituation()
            ->addArgument('function', InputArgument::REQUIRED, implode(', ', array_column(MeterFunction::cases(), 'value')))
            ->addArgument(
                'probes',
                InputArgument::REQUIRED | InputArgument::IS_ARRAY,
                'red point and black point; for amps one wire or more, ~WIRE against its direction',
            )
            ->addOption('turns', null, InputOption::VALUE_REQUIRED, 'for amps: how often the wires go through the jaw', '1')
            ->addOption('volts', null, InputOption::VALUE_REQUIRED, 'for megohms: 250, 500 or 1000', '500')
            ->addOption('celsius', null, InputOption::VALUE_REQUIRED, 'for megohms and ohms: temperature of the winding');
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Takes one reading as a technician's meter shows it, loading, range and resolution included, and says so when the
            function must not be used there.

              vac        volts a.c., 10 MΩ            ohms, continuity   dead circuits only
              vac-lowz   volts a.c., 3 kΩ             mfd                isolated capacitors only
              vdc        volts d.c.                   megohms            insulation, dead, never through electronics
              amps       a clamp: the sum of the wires named, as the file directs them, times the turns

              <info>levin meter circuits/split-cooling.yaml vac HP.1 HP.2 -f HP:open</info>
              <info>levin meter circuits/split-cooling.yaml amps w10 w11</info>
              <info>levin meter circuits/split-cooling.yaml amps w14 --turns 10</info>
              <info>levin meter circuits/heat-pump.yaml megohms COMP.R GND.1 --celsius 25 \
                  -w outdoor_breaker=off -w indoor_breaker=off</info>


            TEXT.self::SITUATIONS.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $name = self::strings($input->getArgument('function'))[0] ?? '';
        $function = MeterFunction::tryFrom($name) ?? throw BadArgument::function($name, array_column(MeterFunction::cases(), 'value'));
        $probes = self::strings($input->getArgument('probes'));
        [$settler, $settled] = $this->settled($input);
        $meter = new Meter($settler);
        if ($function === MeterFunction::Amps) {
            $turns = filter_var($input->getOption('turns'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 100]]);
            $wires = array_map(Clamped::parse(...), $probes);
            $reading = $meter->clamp(
                $wires === [] ? throw BadArgument::noWires() : $wires,
                $settled,
                $turns === false ? throw BadArgument::turns() : $turns,
            );
        } elseif (count($probes) !== 2) {
            throw BadArgument::notTwoPoints($name);
        } else {
            $reading = $this->between($function, $probes[0], $probes[1], $meter, $input, $settled);
        }

        return [
            implode("\n", [$reading->display(), ...$reading->warnings]),
            $reading->toArray(),
            $reading->valid ? Command::SUCCESS : Command::FAILURE,
        ];
    }

    private function between(
        MeterFunction $function,
        string $red,
        string $black,
        Meter $meter,
        InputInterface $input,
        Settled $settled,
    ): MeterReading {
        $given = self::strings($input->getOption('celsius'))[0] ?? null;
        $celsius = $given === null || is_numeric($given) ? (float) ($given ?? 40) : throw BadArgument::celsius($given);
        if ($function === MeterFunction::Megohms) {
            $volts = self::strings($input->getOption('volts'))[0] ?? '';

            return in_array($volts, ['250', '500', '1000'], true)
                ? $meter->insulation($red, $black, $settled, (float) $volts, $celsius)
                : throw BadArgument::testVolts($volts);
        }
        $reading = $meter->read($function, $red, $black, $settled);
        if ($function !== MeterFunction::Ohms || $given === null || $reading->value === null) {
            return $reading;
        }
        $cold = Display::format(MeterFunction::Ohms, Copper::at($reading->value, $celsius, 25.0));

        return $reading->noting("A copper winding that reads this at $given °C reads $cold at 25 °C, for the maker's table.");
    }
}
