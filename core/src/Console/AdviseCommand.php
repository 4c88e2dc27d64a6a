<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Aftermath;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Check;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Diagnosis\Result;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\Steps;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Operation\Model;
use Levin\Core\Record\CallEvents;
use Levin\Core\Record\Judging\JudgedReadings;
use Levin\Core\Record\Standing;
use Levin\Core\Record\WhenSeen;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('advise', 'Weigh a call against the circuit: what is suspected, found, proved, and what to test next')]
final class AdviseCommand extends CircuitCommand
{
    #[\Override]
    protected function configure(): void
    {
        parent::configure();
        $this->addArgument('call', InputArgument::REQUIRED, 'call file (JSON), or YAML with a list of events');
    }

    #[\Override]
    protected function manual(): string
    {
        return <<<'TEXT'
            Reads the events of a call and says what they come to. A call file is what the application exports (docs/call-file.md);
            by hand it is YAML with the same events, data only:

              events:
                - observation: { part: OFM, seen: silent }
                - reading: { function: vac, red: HP.1, black: HP.2, entered: "26.7" }
                - condition: { name: disconnect, value: false }
                - observation: { part: IND, seen: "runs, silent", moment: as it starts }

              <info>levin advise circuits/split-cooling.yaml call.yaml --json</info>


            TEXT.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $settler = $this->settler($input);
        $model = $settler->model;
        $path = $input->getArgument('call');
        $log = CallEvents::fromFile(is_string($path) ? $path : '', $model);
        $standing = Standing::after($model->circuit, $log, (new JudgedReadings($model))->of($log));
        $investigation = new Investigation(Predictor::of($settler, new MemoryOutlooks));
        $now = $standing->conditions;
        $assessment = $investigation->assess($standing->allEvidence(), $standing->standpoint());
        $found = $assessment->found();
        $aftermath = new Aftermath($investigation->predictor());
        $calling = $now->calling($model->circuit);
        $data = [
            'suspects' => array_map(self::suspect(...), $assessment->groups),
            'found' => $found === null ? null : self::suspect($found),
            'unexplained' => array_map(static fn (Evidence $e): string => $e->words(), $assessment->unexplained),
            'doubtful' => $assessment->doubted?->words(),
            'parts' => $assessment->parts,
            'nothing_wrong' => $assessment->posterior[0],
            'proved' => $assessment->proved,
            'unproved_behind' => $found === null ? [] : $aftermath->behind($found->faults, $assessment->proved, $calling),
            'why' => $found === null ? [] : $aftermath->why($found->faults, $calling),
            'help' => $assessment->help(),
            'next' => array_map(
                fn (Advice $a): array => $this->next($a, $model, $standing),
                array_slice($assessment->next, 0, 3),
            ),
        ];

        return [$this->text($data, $assessment), $data, Command::SUCCESS];
    }

    /** @return array{faults: list<string>, label: string, probability: float, degree: string} */
    private static function suspect(SuspectGroup $group): array
    {
        return [
            'faults' => $group->faults,
            'label' => $group->label(),
            'probability' => $group->probability,
            'degree' => $group->degree,
        ];
    }

    /** @return array<string, mixed> */
    private function next(Advice $advice, Model $model, Standing $standing): array
    {
        $candidate = $advice->candidate;
        $act = $candidate->test->act();
        $isMeter = $act->function !== null;
        $isPart = $act->way === Way::Eyes || $act->way === Way::Hands;

        return [
            'kind' => match ($act->way) {
                Way::Eyes => 'look',
                Way::Hands => 'feel',
                Way::Meter, Way::OnWires, Way::Instrument => 'probe',
            },
            'key' => $candidate->test->key(),
            'title' => $advice->title,
            'function' => $act->function?->value,
            'part' => $isPart ? $act->at : null,
            'quantity' => $act->way === Way::Instrument ? $act->at : null,
            'red' => $isMeter ? $act->at : null,
            'black' => $isMeter ? $act->black : null,
            'moment' => $act->asItStarts ? WhenSeen::AS_IT_STARTS : null,
            'live' => $isMeter && ! $candidate->when->conditions->isPoweredDown($model->circuit),
            'steps' => array_map(
                static fn (Step $s): string => $s->order,
                (new Steps($model))->to($candidate, $standing->conditions, $standing->provedDead, $advice->sweep),
            ),
            'sweep' => array_map(static fn (Candidate $c): string => $c->test->act()->at, $advice->sweep),
            'minutes' => $candidate->minutes,
            'healthy' => $advice->expected,
            'outcomes' => array_map(static fn (Result $r): array => [
                'shows' => $r->shows,
                'means' => $r->means(),
                'suspects' => $r->suspects,
                'probability' => $r->probability,
            ], $advice->outcomes),
        ];
    }

    /** @param  array<string, mixed>  $data */
    private function text(array $data, Assessment $assessment): string
    {
        $found = $assessment->found();
        $lines = [$found === null
            ? "Nothing found yet; $assessment->inPlay of $assessment->suspects suspects left."
            : 'Found: '.$found->label()];
        foreach ($found === null ? array_slice($assessment->groups, 0, 6) : [] as $group) {
            $lines[] = sprintf('  %3d %%  %s', round(100 * $group->probability), $group->label());
        }
        foreach ($assessment->unexplained as $item) {
            $lines[] = 'Not explained: '.$item->words();
        }
        $checks = static function (string $title, mixed $list) use (&$lines): void {
            foreach (is_array($list) ? $list : [] as $n => $check) {
                if ($check instanceof Check) {
                    $lines[] = ($n === 0 ? "$title\n" : '')."  $check->label: $check->how, healthy $check->healthy";
                }
            }
        };
        $checks('Why, before power goes back:', $data['why']);
        $checks('Not proved yet, behind it:', $data['unproved_behind']);
        foreach ($assessment->next as $n => $advice) {
            $lines[] = ($n === 0 ? 'Next:' : '   or').' '.$advice->title.sprintf(' (%.1f min)', $advice->candidate->minutes);
            array_push($lines, ...$n === 0 ? ["      $advice->why"] : []);
        }
        if ($assessment->help() !== '') {
            $lines[] = $assessment->help();
        }

        return implode("\n", $lines);
    }
}
