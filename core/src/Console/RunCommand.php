<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Interchange\ScriptReader;
use Levin\Core\Operation\Happening;
use Levin\Core\Operation\Run;
use Levin\Core\Operation\Runner;
use Levin\Core\Operation\Start;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

#[AsCommand('run', 'Run the unit through time: what pulled in, started, tripped, and when')]
final class RunCommand extends CircuitCommand
{
    /** Currents below this are not worth a column, amperes. */
    private const WORTH_TELLING = 0.005;

    #[\Override]
    protected function configure(): void
    {
        parent::configure();
        $this->withSituation()
            ->addOption('script', 's', InputOption::VALUE_REQUIRED, 'what is done and when (YAML); see circuits/run.schema.json')
            ->addOption('for', null, InputOption::VALUE_REQUIRED, 'without a script: how long, such as "30 min"', '10 min');
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Runs the unit through timers, overloads, fuses, boards and the quantities its own running changes, and tells each moment
            at which something moved, with the current of every load from then on; and of each start of a motor its length, the most
            current and the least volts meanwhile. A script says what is done to it meanwhile:

              until: 30 min
              start: { call_heat: off }
              events:
                - { at: 10 s, set: { call_heat: on } }
                - { at: 5 min, fault: [IND:seized] }
                - { at: 20 min, mend: [IND:seized], reset: [RO1] }
              intermittent:
                - { fault: 'w24:open', when: [IND runs], chance: 0.3, every: 20 s, seed: 7 }

              <info>levin run circuits/gas-furnace.yaml --for "3 min"</info>
              <info>levin run circuits/rooftop-460.yaml -f OFM1:seized --for "20 min"</info>


            TEXT.self::SITUATIONS.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $file = self::strings($input->getOption('script'))[0] ?? null;
        $for = self::strings($input->getOption('for'))[0] ?? '10 min';
        $script = $file !== null
            ? ScriptReader::fromFile($file)
            : ScriptReader::fromText("until: '".str_replace("'", '', $for)."'", '--for');
        $run = Runner::run(
            $this->circuit($input),
            $script,
            self::strings($input->getOption('when')),
            self::strings($input->getOption('fault')),
        );
        $text = array_map(self::line(...), $run->happenings);
        $starts = $run->starts();
        if ($starts !== []) {
            array_push($text, '', 'Starts:', ...array_map(self::start(...), $starts));
        }
        if ($run->period !== null) {
            $text[] = sprintf('It goes round every %s.', self::clock($run->period));
        }
        if (! $run->finished) {
            $text[] = 'It never came to the end: too much moved. The last moment told is where this stopped.';
        }

        return [implode("\n", $text), self::data($run), $run->finished ? Command::SUCCESS : Command::FAILURE];
    }

    private static function line(Happening $h): string
    {
        $what = [...$h->done, ...array_map(static fn (string $id, array $m): string => "$id {$m['to']}", array_keys($h->moved), $h->moved)];
        if ($h->chattering !== []) {
            $what[] = sprintf('%s chatter, every %.3g s', implode(', ', $h->chattering), $h->chatterPeriod);
        }
        $amps = array_filter($h->amps, static fn (float $a): bool => $a > self::WORTH_TELLING);

        return rtrim(
            sprintf(
                '%9s  %s%s',
                self::clock($h->at),
                $what === [] ? 'at the start' : implode('; ', $what),
                $amps === [] ? '' : "\n".str_repeat(' ', 11).implode(
                    '  ',
                    array_map(static fn (string $id, float $a): string => sprintf('%s %.3g A', $id, $a), array_keys($amps), $amps),
                ),
            ),
        );
    }

    private static function start(Start $s): string
    {
        return sprintf(
            '%9s  %s: %.3g A at most, %.3g V at least; %s after %s, with %.3g V',
            self::clock($s->at),
            $s->part,
            $s->amps,
            $s->volts,
            $s->to,
            $s->seconds < 10 ? sprintf('%.2f s', $s->seconds) : self::clock($s->seconds),
            $s->after,
        );
    }

    private static function clock(float $seconds): string
    {
        return $seconds < 60
            ? sprintf('%.1f s', $seconds)
            : sprintf('%d:%02d:%04.1f', intdiv((int) $seconds, 3600), intdiv((int) $seconds, 60) % 60, fmod($seconds, 60));
    }

    /** @return array<string, mixed> */
    private static function data(Run $run): array
    {
        return [
            'finished' => $run->finished,
            'period' => $run->period,
            'starts' => array_map(get_object_vars(...), $run->starts()),
            'events' => array_map(static fn (Happening $h): array => get_object_vars($h), $run->happenings),
            'end' => ['states' => $run->end->states, 'quantities' => $run->end->conditions->numbers()],
        ];
    }
}
