<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\InsulationTest;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Machines\Copper;
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
            ->addOption('minutes', null, InputOption::VALUE_REQUIRED, 'for megohms: how long it is held, 1 or 10', '1')
            ->addOption('insulation', null, InputOption::VALUE_REQUIRED, 'for megohms: older or thermosetting', 'older')
            ->addOption('zero', null, InputOption::VALUE_NONE, 'for ohms: the leads zeroed first')
            ->addOption('hold', null, InputOption::VALUE_NONE, 'for amps: the most from standstill on, its inrush')
            ->addOption('after', null, InputOption::VALUE_REQUIRED, 'minutes that the unit ran before, with its feeds on')
            ->addOption('celsius', null, InputOption::VALUE_REQUIRED, 'for megohms and ohms: temperature of the winding');
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Takes one reading as a technician's meter shows it, loading, range and resolution included, and says so when the
            function must not be used there.

              vac        volts a.c., 10 MΩ            ohms, continuity   dead circuits only; leads of 0.2 Ω unless --zero
              vac-lowz   volts a.c., 3 kΩ             mfd                isolated capacitors only
              vdc        volts d.c.                   megohms            insulation, dead, never through electronics
              amps       a clamp: the sum of the wires named, as the file directs them, times the turns
              uadc       µA d.c., in series with the wire named: a flame's current

              <info>levin meter circuits/split-cooling.yaml vac HP.1 HP.2 -f HP:open</info>
              <info>levin meter circuits/split-cooling.yaml amps w10 w11</info>
              <info>levin meter circuits/split-cooling.yaml amps w10 --hold</info>
              <info>levin meter circuits/split-cooling.yaml ohms COMP.R COMP.C --after 20 \
                  -w outdoor_breaker=off -w lifted=w10 -w lifted=w11</info>
              <info>levin meter circuits/gas-furnace.yaml uadc w28</info>
              <info>levin meter circuits/split-cooling.yaml megohms COMP.R GND.1 --celsius 25 \
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
        $after = self::number($input, 'after');
        if ($after !== null) {
            $settled = $settler->after(60 * $after, $settled->conditions, $settled->faults);
        }
        $meter = new Meter($settler, $input->getOption('zero') === true ? 0.0 : Meter::LEAD_OHMS);
        $reading = match (true) {
            $function === MeterFunction::Amps => self::clamped($probes, $meter, $input, $settled),
            $function === MeterFunction::MicroampsDc => count($probes) === 1
                ? $meter->inSeries($probes[0], $settled)
                : throw BadArgument::notOneWire(),
            count($probes) !== 2 => throw BadArgument::notTwoPoints($name),
            $function === MeterFunction::Megohms => $meter->insulation($probes[0], $probes[1], $settled, self::insulationTest($input)),
            default => self::corrected($meter->read($function, $probes[0], $probes[1], $settled), $input),
        };

        return [
            implode("\n", [$reading->display(), ...$reading->warnings]),
            $reading->toArray(),
            $reading->valid ? Command::SUCCESS : Command::FAILURE,
        ];
    }

    /** @param  list<string>  $probes */
    private static function clamped(array $probes, Meter $meter, InputInterface $input, Settled $settled): MeterReading
    {
        $turns = filter_var($input->getOption('turns'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 100]]);
        $wires = array_map(Clamped::parse(...), $probes);
        if ($wires === []) {
            throw BadArgument::noWires();
        }

        return $input->getOption('hold') === true
            ? $meter->held($wires, $settled)
            : $meter->clamp($wires, $settled, $turns === false ? throw BadArgument::turns() : $turns);
    }

    private static function insulationTest(InputInterface $input): InsulationTest
    {
        $volts = self::strings($input->getOption('volts'))[0] ?? '';
        $sort = self::strings($input->getOption('insulation'))[0] ?? '';
        $minutes = self::number($input, 'minutes') ?? 1.0;

        return new InsulationTest(
            in_array($volts, ['250', '500', '1000'], true) ? (float) $volts : throw BadArgument::testVolts($volts),
            self::number($input, 'celsius') ?? 40.0,
            $minutes >= 1.0 ? $minutes : throw BadArgument::minutes(),
            in_array($sort, ['older', 'thermosetting'], true) ? $sort === 'thermosetting' : throw BadArgument::insulation($sort),
        );
    }

    /** A reading of ohms, with what a copper winding of that temperature reads at 25 °C. */
    private static function corrected(MeterReading $reading, InputInterface $input): MeterReading
    {
        $celsius = self::number($input, 'celsius');
        if ($reading->function !== MeterFunction::Ohms || $celsius === null || $reading->value === null) {
            return $reading;
        }
        $cold = Display::format(MeterFunction::Ohms, Copper::at($reading->value, $celsius, 25.0));

        return $reading->noting("A copper winding that reads this at $celsius °C reads $cold at 25 °C, for the maker's table.");
    }

    private static function number(InputInterface $input, string $option): ?float
    {
        $given = self::strings($input->getOption($option))[0] ?? null;

        if ($given === null) {
            return null;
        }

        return is_numeric($given) ? (float) $given : throw BadArgument::number($option, $given);
    }
}
