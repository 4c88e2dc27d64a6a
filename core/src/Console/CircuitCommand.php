<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Circuit\Circuit;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\LevinException;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Situation;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Completion\CompletionInput;
use Symfony\Component\Console\Completion\CompletionSuggestions;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * What every command on a circuit file shares: the file, the conditions, the faults, and two ways to print.
 *
 * Exit codes: 0 done, 1 the circuit or the result is not sound, 2 the command was given something it cannot use.
 */
abstract class CircuitCommand extends Command
{
    #[\Override]
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'circuit file (YAML)')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print JSON')
            ->setHelp($this->manual());
    }

    /** What `--help` says under the options: what it does, examples, exit codes. */
    abstract protected function manual(): string;

    protected const SITUATIONS = <<<'TEXT'
        <comment>What is set</comment> (--when, again and again)
          call_cool=off            a condition of the circuit file
          head_pressure=4500       a quantity, in its own unit
          lifted=w24               a wire off its first end
          removed=FU1              a fuse pulled, a plug parted
          jumper=TST.R~TST.Y       a jumper wire between two points

        <comment>What is wrong</comment> (--fault, again and again)
          HP:open                  a failure mode of a part; `levin faults FILE` lists them
          w24:loose=15             with how bad it is, where it has degrees
          CAP2:run_uf=5            a part with another value on its plate
          w10+w11:swapped          two wires on one part, each where the other belongs

        TEXT;

    protected const EXITS = <<<'TEXT'
        <comment>Exit code</comment>
          0 done   1 the circuit or the result is not sound   2 something was given that cannot be used
        TEXT;

    protected function withSituation(): static
    {
        return $this->addOption(
            'when',
            'w',
            InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
            'NAME=on, NAME=off, QUANTITY=NUMBER, lifted=WIRE, removed=PART, jumper=POINT~POINT',
        )
            ->addOption(
                'fault',
                'f',
                InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY,
                'PART:MODE, WIRE:MODE, either with =AMOUNT; PART:PLATE_VALUE=VALUE; WIRE+WIRE:swapped; see levin faults',
            );
    }

    #[\Override]
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $json = $input->getOption('json') === true;
        try {
            [$text, $data, $code] = $this->answer($input);
            $output->writeln(
                $json ? (string) json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : $text,
                OutputInterface::OUTPUT_RAW,
            );

            return $code;
        } catch (InvalidCircuit $e) {
            $output->writeln($json
                ? (string) json_encode(
                    ['sound' => false, 'problems' => array_map(static fn (Problem $p): array => get_object_vars($p), $e->problems)],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
                )
                : $e->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        } catch (LevinException $e) {
            $output->writeln(
                $json ? (string) json_encode(['error' => $e->getMessage()], JSON_UNESCAPED_UNICODE) : $e->getMessage(),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::INVALID;
        }
    }

    /**
     * @return array{string, array<mixed>, int} text for people, data for --json, exit code
     *
     * @throws InvalidCircuit
     * @throws \DomainException for anything named that is not there
     */
    abstract protected function answer(InputInterface $input): array;

    /** @throws InvalidCircuit */
    protected function circuit(InputInterface $input): Circuit
    {
        $file = $input->getArgument('file');

        return CircuitReader::fromFile(is_string($file) ? $file : '');
    }

    /** @throws InvalidCircuit */
    protected function settler(InputInterface $input): Settler
    {
        return new Settler(new Model($this->circuit($input)));
    }

    /**
     * The unit as the options have put it, come to rest.
     *
     * @return array{Settler, Settled}
     *
     * @throws InvalidCircuit
     */
    protected function settled(InputInterface $input): array
    {
        $situation = Situation::of(
            $this->circuit($input),
            self::strings($input->getOption('when')),
            self::strings($input->getOption('fault')),
        );
        $settler = Settler::of($situation->model);

        return [$settler, $settler->standing($situation->conditions, $situation->faults)];
    }

    #[\Override]
    public function complete(CompletionInput $input, CompletionSuggestions $suggestions): void
    {
        if ($input->mustSuggestArgumentValuesFor('file')) {
            $suggestions->suggestValues([...(glob('*.yaml') ?: []), ...(glob('circuits/*.yaml') ?: [])]);

            return;
        }
        try {
            $circuit = $this->circuit($input);
        } catch (InvalidCircuit) {
            return;
        }
        $typed = $input->getCompletionValue();
        $suggestions->suggestValues(match (true) {
            $input->mustSuggestOptionValuesFor('fault') => array_keys((new Model($circuit))->faults->all),
            $input->mustSuggestOptionValuesFor('when') => [
                ...array_merge(...array_map(static fn (string $c): array => ["$c=on", "$c=off"], array_keys($circuit->conditions)) ?: [[]]),
                ...array_map(static fn (string $q): string => "$q=", array_keys($circuit->quantities)),
                ...(str_starts_with($typed, 'lifted=') ? array_map(
                    static fn (string $w): string => "lifted=$w",
                    array_keys($circuit->wires),
                ) : ['lifted=']),
                ...(str_starts_with($typed, 'removed=') ? array_map(
                    static fn (string $p): string => "removed=$p",
                    array_keys($circuit->parts),
                ) : ['removed=']),
                ...(str_starts_with($typed, 'jumper=') ? array_map(
                    static fn (string $p): string => "jumper=$p~",
                    $circuit->points(),
                ) : ['jumper=']),
            ],
            $input->mustSuggestArgumentValuesFor('function') => array_column(MeterFunction::cases(), 'value'),
            $input->mustSuggestArgumentValuesFor('probes') => [...$circuit->points(), ...array_keys($circuit->wires)],
            default => [],
        });
    }

    /** @return list<string> */
    protected static function strings(mixed $value): array
    {
        return array_values(array_filter(is_array($value) ? $value : [$value], is_string(...)));
    }
}
