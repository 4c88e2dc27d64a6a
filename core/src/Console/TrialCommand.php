<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\File\CircuitReader;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Trial\AtRandom;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\Ending;
use Levin\Core\Trial\FollowsAdvice;
use Levin\Core\Trial\Ledger;
use Levin\Core\Trial\Luck;
use Levin\Core\Trial\Notebook;
use Levin\Core\Trial\Outcome;
use Levin\Core\Trial\Series;
use Levin\Core\Trial\Sort;
use Levin\Core\Trial\Trial;
use Levin\Core\Trial\Truths;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('trial', 'Hide what can be wrong in units, follow the advice, and keep a ledger of how it ends')]
final class TrialCommand extends CircuitCommand
{
    private const EVERY = 100000;

    private ?OutputInterface $progress = null;

    #[\Override]
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::IS_ARRAY, 'circuit files (YAML); none: all in circuits/')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print JSON')
            ->addOption('strategy', null, InputOption::VALUE_REQUIRED, 'levin, series or random', 'levin')
            ->addOption('sample', null, InputOption::VALUE_REQUIRED, 'at most so many trials of each circuit', (string) self::EVERY)
            ->addOption('share', null, InputOption::VALUE_REQUIRED, 'K/N: play the K-th of N shares only, as one of N processes', '1/1')
            ->addOption('keep', null, InputOption::VALUE_REQUIRED, 'a file of how trials ended: those in it are not played again')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same again for the same number', '1')
            ->addOption('noise', null, InputOption::VALUE_REQUIRED, 'of the meter, as a share of what it reads', '0.005')
            ->addOption('supply', null, InputOption::VALUE_REQUIRED, 'the supply is off by at most this share', '0.05')
            ->addOption('wrong', null, InputOption::VALUE_REQUIRED, 'share of the readings taken on the wrong screw', '0')
            ->addOption('kinds', null, InputOption::VALUE_REQUIRED, 'of truths, with commas: '.self::sorts(), 'single,degree')
            ->setHelp($this->manual());
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Plays every suspect of a circuit that changes what its machines do: hides it, comes some time after the complaint began,
            follows the advice with readings as a meter would show them, and says how it ended. Shares are weighted by how often a
            truth is the truth. Found right is a finding that holds it; wrong but sure is one that does not; stuck is neither.

              <info>levin trial circuits/split-cooling.yaml --sample 50</info>
              <info>levin trial --wrong 0.05 --json</info>

            The whole takes hours. With --keep it can be stopped and gone on with, and played by several processes at once, each with
            its own --share; the figures are of all that is in the file. Another engine or circuit begins with another file.

              <info>levin trial circuits/rooftop-460.yaml --keep rooftop.jsonl --share 1/2 &</info>
              <info>levin trial circuits/rooftop-460.yaml --keep rooftop.jsonl --share 2/2</info>


            TEXT.self::EXITS;
    }

    #[\Override]
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        // the whole takes hours: what is known so far is told beside the answer
        $this->progress = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : null;

        return parent::execute($input, $output);
    }

    private static function sorts(): string
    {
        return implode(',', array_column(Sort::cases(), 'value'));
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $files = self::strings($input->getArgument('file')) ?: (glob('circuits/*.yaml') ?: []);
        $all = new Ledger;
        $lines = $circuits = [];
        foreach ($files as $file) {
            $own = new Ledger;
            foreach ($this->outcomes($file, $input) as $outcome) {
                $own->add($outcome);
                $all->add($outcome);
                $this->progress?->writeln(sprintf(
                    '%-10s %-50s %s (%.2f), %d tests, %.0f min',
                    $outcome->ending->value,
                    $outcome->truth->words(),
                    $outcome->said,
                    $outcome->probability,
                    $outcome->tests,
                    $outcome->minutes,
                ), OutputInterface::VERBOSITY_VERBOSE);
            }
            $circuits[basename($file, '.yaml')] = $own->figures();
            $lines[] = self::line(basename($file, '.yaml'), $own->figures());
            $this->progress?->writeln(
                $lines[array_key_last($lines)],
                $input->getOption('json') === true ? OutputInterface::VERBOSITY_VERBOSE : OutputInterface::VERBOSITY_NORMAL,
            );
            foreach ($own->not(Ending::Right) as $outcome) {
                [$how, $truth] = [$outcome->ending->value, $outcome->truth->words()];
                $lines[] = "    $how  $truth: $outcome->said, $outcome->tests tests";
                array_push($lines, ...array_map(static fn (string $done): string => "           $done", $outcome->log));
            }
            foreach ($own->unsafe() as $what) {
                $lines[] = "    unsafe  $what";
            }
        }
        $figures = $all->figures();
        $lines[] = self::line('all', $figures);
        foreach ($figures['calibration'] as $bin) {
            $lines[] = sprintf('    said %.2f, was right %.2f (%d trials)', $bin['said'], $bin['right'], $bin['trials']);
        }

        return [
            implode("\n", $lines),
            [...$figures, 'circuits' => $circuits],
            $figures['unsafe'] === 0 ? Command::SUCCESS : Command::FAILURE,
        ];
    }

    /** @return \Generator<Outcome> */
    private function outcomes(string $file, InputInterface $input): \Generator
    {
        $settler = new Settler(new Model(CircuitReader::fromFile($file)));
        $investigation = new Investigation(Predictor::of($settler, new MemoryOutlooks));
        $seed = (int) self::number($input, 'seed');
        $luck = new Luck(self::number($input, 'noise'), self::number($input, 'supply'), self::number($input, 'wrong'));
        $strategy = match (self::strings($input->getOption('strategy'))[0] ?? '') {
            'levin' => new FollowsAdvice,
            'series' => new Series($investigation),
            'random' => new AtRandom($investigation, new Dice($seed)),
            default => throw BadArgument::strategy(),
        };
        $sorts = explode(',', self::strings($input->getOption('kinds'))[0] ?? '');
        $unknown = array_diff($sorts, array_column(Sort::cases(), 'value'));
        if ($unknown !== []) {
            throw BadArgument::sort($unknown[array_key_first($unknown)], self::sorts());
        }
        [$k, $of] = self::share($input);
        $keep = self::strings($input->getOption('keep'))[0] ?? '';
        $played = $this->notebook($keep, $file, $input);
        $trial = new Trial($settler, $investigation, $strategy, $luck, static fn (): float => hrtime(true) / 1e9);
        $truths = (new Truths($investigation->predictor()))->of(new Dice($seed), $sorts);
        foreach ((new Dice($seed))->some($truths, (int) self::number($input, 'sample')) as $n => $truth) {
            $outcome = $played->outcome($truth);
            if ($outcome === null && $n % $of === $k - 1) {
                $outcome = $trial->of($truth, new Dice($seed + crc32($truth->words())));
                if ($keep !== '') {
                    file_put_contents($keep, $played->line($outcome), FILE_APPEND | LOCK_EX);
                }
            }
            if ($outcome !== null) {
                yield $outcome;
            }
        }
    }

    private function notebook(string $keep, string $file, InputInterface $input): Notebook
    {
        if ($keep !== '' && ! is_writable(is_file($keep) ? $keep : dirname($keep))) {
            throw BadArgument::keep($keep);
        }
        $options = array_map(
            static fn (string $name): string => "$name ".(self::strings($input->getOption($name))[0] ?? ''),
            ['strategy', 'seed', 'noise', 'supply', 'wrong'],
        );

        return Notebook::read(is_file($keep) ? (string) file_get_contents($keep) : '', implode(', ', [basename($file), ...$options]));
    }

    /**
     * Which share, of how many.
     *
     * @return array{int, int<1, max>}
     */
    private static function share(InputInterface $input): array
    {
        $text = self::strings($input->getOption('share'))[0] ?? '';
        [$k, $of] = preg_match('~^([1-9]\d?)/([1-9]\d?)$~', $text, $m) === 1 ? [(int) $m[1], (int) $m[2]] : [1, 0];

        return $k <= $of ? [$k, max(1, $of)] : throw BadArgument::share($text);
    }

    private static function number(InputInterface $input, string $name): float
    {
        $text = self::strings($input->getOption($name))[0] ?? '';

        return is_numeric($text) && $text >= 0 ? (float) $text : throw BadArgument::number($name, $text);
    }

    /** @param  array<string, mixed>  $figures */
    private static function line(string $name, array $figures): string
    {
        $f = static fn (string $key): float => is_numeric($figures[$key] ?? null) ? (float) $figures[$key] : NAN;

        return sprintf(
            '%-26s %4d trials  right %.4f  wrong but sure %.4f  stuck %.4f  unsafe %d  tests %.2f (%.2f × bits)  minutes %.1f  live %.1f  '
                .'named %.2f  %.0f ms an advice',
            $name, $f('trials'), $f('right'), $f('wrong_but_sure'), $f('stuck'), $f('unsafe'), $f('tests_mean'), $f('bound_ratio'),
            $f('minutes_mean'), $f('live_mean'), $f('wrong_named'), $f('ms_per_advice'),
        );
    }
}
