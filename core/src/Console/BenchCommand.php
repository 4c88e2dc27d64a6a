<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\LevinException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('bench', 'Judge one part by what can be read off a meter and its plate')]
final class BenchCommand extends Command
{
    #[\Override]
    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'the check; without one, all that there are')
            ->addArgument(
                'given',
                InputArgument::IS_ARRAY,
                'KEY=VALUE, with a unit or in the usual one; OL where the meter is over its range',
            )
            ->addOption('json', null, InputOption::VALUE_NONE, 'print JSON')
            ->setHelp(<<<'TEXT'
                Without a circuit: good, watch, bad or cannot say, the numbers behind it, what they were held against and where that
                comes from, and what to do next.

                  <info>levin bench</info>
                  <info>levin bench three-leads</info>
                  <info>levin bench three-leads a=brown b=purple c=black ab=118 ac=49 bc=69 ground=OL</info>

                <comment>Exit code</comment>
                  0  good, or a list
                  1  watch, bad or cannot say
                  2  it was given something it cannot use
                TEXT);
    }

    #[\Override]
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $isJson = $input->getOption('json') === true;
        $name = $input->getArgument('name');
        $given = $input->getArgument('given');
        try {
            if (! is_string($name)) {
                return $this->list($output, $isJson);
            }
            $check = PartChecks::named($name);
            $typed = self::typed(is_array($given) ? $given : []);
            if ($typed === []) {
                return $this->describe($check, $output, $isJson);
            }
            $judgement = $check->of($typed);
        } catch (LevinException $e) {
            $output->writeln($isJson ? self::json(['error' => $e->getMessage()]) : $e->getMessage());

            return 2;
        }
        $output->writeln($isJson ? self::json(self::data($check, $judgement)) : self::text($check, $judgement));

        return $judgement->verdict->isGood() ? 0 : 1;
    }

    private function list(OutputInterface $output, bool $isJson): int
    {
        $all = array_map(static fn (PartCheck $check): string => $check->about()->title, PartChecks::all());
        $width = max([0, ...array_map(strlen(...), array_keys($all))]);
        $lines = array_map(static fn (string $name, string $title): string => str_pad($name, $width + 2).$title, array_keys($all), $all);
        $output->writeln($isJson ? self::json($all) : $lines);

        return 0;
    }

    private function describe(PartCheck $check, OutputInterface $output, bool $isJson): int
    {
        $entries = [];
        foreach ($check->about()->entries as $entry) {
            $units = array_filter($entry->dimension->symbols(), static fn (string $symbol): bool => $symbol !== '');
            $entries[$entry->name] = $entry->label.($entry->isRequired ? '' : ', if known')
                .($entry->choices !== [] ? ': '.implode(', ', $entry->choices) : ($units === [] ? '' : ', '.implode(' or ', $units)));
        }
        $lines = [$check->about()->title, $check->about()->how, $check->about()->caution];
        foreach ($entries as $name => $label) {
            $lines[] = sprintf('  %-14s %s', $name, $label);
        }
        $output->writeln($isJson ? self::json(['title' => $check->about()->title, 'entries' => $entries]) : $lines);

        return 0;
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, string> by key
     *
     * @throws BadArgument
     */
    private static function typed(array $given): array
    {
        $typed = [];
        foreach ($given as $pair) {
            $parts = explode('=', is_string($pair) ? $pair : '', 2);
            $typed[$parts[0]] = $parts[1] ?? throw BadArgument::pair($parts[0]);
        }

        return $typed;
    }

    /** @return array<string, mixed> */
    private static function data(PartCheck $check, Judgement $judgement): array
    {
        return [
            'check' => $check->about()->name,
            'verdict' => $judgement->verdict->value,
            'headline' => $judgement->headline,
            'findings' => $judgement->findings,
            'figures' => array_map(static fn (Figure $f): array => [...$f->data(), 'shown' => $f->shown()], $judgement->figures),
            'limits' => array_map(static fn (Limit $l): array => ['limit' => $l->words, 'source' => $l->source->words], $judgement->limits),
            'mistake' => $check->about()->mistake,
            'next' => $judgement->next,
            'caution' => $check->about()->caution,
        ];
    }

    private static function text(PartCheck $check, Judgement $judgement): string
    {
        return implode("\n", [
            strtoupper($judgement->verdict->value).": $judgement->headline",
            ...array_map(static fn (string $finding): string => "  $finding", $judgement->findings),
            ...array_map(static fn (Figure $f): string => "    $f->label: {$f->shown()}", $judgement->figures),
            ...array_map(static fn (Limit $l): string => "  $l->words [{$l->source->words}]", $judgement->limits),
            "Easily mistaken: {$check->about()->mistake}",
            "Next: $judgement->next",
            "Caution: {$check->about()->caution}",
        ]);
    }

    private static function json(mixed $data): string
    {
        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
