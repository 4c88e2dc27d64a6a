<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\CircuitReader;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\InvalidCircuit;
use Levin\Core\Circuit\Problem;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Symfony\Component\Console\Command\Command;
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
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'circuit file (YAML)')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print JSON');
    }

    protected function withSituation(): static
    {
        return $this->addOption('when', 'w', InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'a condition, NAME=on or NAME=off, or lifted=WIRE')
            ->addOption('fault', 'f', InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'a fault, PART:MODE or WIRE:MODE; see `levin faults`');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $json = $input->getOption('json') === true;
        try {
            [$text, $data, $code] = $this->answer($input);
            $output->writeln($json ? (string) json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : $text, OutputInterface::OUTPUT_RAW);

            return $code;
        } catch (InvalidCircuit $e) {
            $output->writeln($json
                ? (string) json_encode(['sound' => false, 'problems' => array_map(static fn (Problem $p): array => get_object_vars($p), $e->problems)], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)
                : $e->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        } catch (\DomainException $e) {
            $output->writeln($json ? (string) json_encode(['error' => $e->getMessage()], JSON_UNESCAPED_UNICODE) : $e->getMessage(), OutputInterface::OUTPUT_RAW);

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

    protected function settled(InputInterface $input, Settler $settler): Settled
    {
        return $settler->settle($this->conditions($input, $settler->model->circuit), self::strings($input->getOption('fault')));
    }

    private function conditions(InputInterface $input, Circuit $circuit): Conditions
    {
        $conditions = Conditions::healthyDefaults($circuit);
        foreach (self::strings($input->getOption('when')) as $setting) {
            [$name, $value] = [...explode('=', $setting, 2), ''];
            if ($name === 'lifted') {
                $conditions = $conditions->lifting([$circuit->wire($value)->id]);

                continue;
            }
            $on = match (strtolower($value)) {
                'on', 'true', '1', 'yes' => true,
                'off', 'false', '0', 'no' => false,
                default => throw new \DomainException("--when $setting: write $name=on or $name=off."),
            };
            $conditions = $conditions->with($name, $on);
        }

        return $conditions;
    }

    /** @return list<string> */
    protected static function strings(mixed $value): array
    {
        return array_values(array_filter(is_array($value) ? $value : [$value], is_string(...)));
    }
}
