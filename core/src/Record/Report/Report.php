<?php

declare(strict_types=1);

namespace Levin\Core\Record\Report;

use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Rung\Account;
use Levin\Core\Record\Rung\Load;
use Levin\Core\Record\Rung\Loads;
use Levin\Core\Record\Rung\OpenItem;
use Levin\Core\Record\Rung\OpenItems;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\RungContact;
use Levin\Core\Record\Rung\Visit;

/** A visit as it is handed over: for whoever pays, for the unit's door, for what is left off. Made of the log alone. */
final readonly class Report
{
    public function __construct(private Visit $visit)
    {
    }

    /** What the customer was told, in the words that were used; until then what the log would tell. */
    public function told(): string
    {
        return $this->visit->last(EventType::WasTold)?->text('words') ?? (new Account($this->visit))->words();
    }

    /** @return list<string> what was done, a sentence each */
    public function done(): array
    {
        return (new Account($this->visit))->done();
    }

    /** @return list<Event> who was told what, and what they said */
    public function tellings(): array
    {
        return $this->visit->since(null, EventType::WasTold);
    }

    /** @return list<string> what was found */
    public function findings(): array
    {
        return array_map(static fn (Event $e): string => $e->text('label'), $this->visit->findings());
    }

    /** @return list<ReadLine> in order, what was struck out left out */
    public function readings(): array
    {
        $circuit = $this->visit->model->circuit;
        $types = array_filter(EventType::cases(), static fn (EventType $t): bool => $t->isEvidence());
        $lines = [];
        foreach ($this->visit->since(null, ...$types) as $event) {
            $evidence = $this->visit->standing->evidence[$event->id] ?? [];
            $last = end($evidence);
            if ($last === false) {
                continue;
            }
            $judged = $this->visit->judged($event);
            $kept = $judged === null ? null : Kept::stored($judged->data);
            $entered = $event->text('entered');
            // as it was typed; a bare number gets its unit
            $shown = $entered !== '' && ! is_numeric($entered) ? $entered : $last->test->words($last->shown);
            $lines[] = new ReadLine($last->test->title($circuit), $shown, $kept?->verdict, $kept->headline ?? '', $event->at);
        }

        return $lines;
    }

    /** @return list<Event> photographs, in order */
    public function photos(): array
    {
        return $this->visit->since(null, EventType::Photo);
    }

    /** @return list<Load> */
    public function loads(): array
    {
        return $this->visit->findings() === [] ? [] : Loads::of($this->visit);
    }

    /** @return list<string> what is not yet found at fault and not good either: the last that was judged of each part, in a sentence */
    public function failingNext(): array
    {
        $last = [];
        foreach ($this->visit->since(null, EventType::Reading, EventType::Measured) as $reading) {
            $judged = $this->visit->judged($reading);
            $last = $judged === null ? $last : [...$last, $judged->text('part').' '.$judged->text('check') => $judged];
        }
        $renewed = array_map(static fn (Event $e): string => $e->text('part'), $this->visit->since(null, EventType::Replaced));
        $lines = [];
        foreach ([...$last, ...$this->onBench()] as $judged) {
            $verdict = Kept::stored($judged->data)->verdict;
            $isOther = ! in_array($judged->text('part'), [...$this->visit->faulted(), ...$renewed], true);
            if ($isOther && in_array($verdict, [Verdict::Watch, Verdict::Bad], true)) {
                $lines[] = "{$judged->text('label')}: {$judged->text('headline')}.";
            }
        }

        return array_values(array_unique($lines));
    }

    /** @return list<JumperTest> every jumper that was on, in order */
    public function jumpers(): array
    {
        $tests = [];
        foreach ($this->visit->since(null, EventType::Jumper) as $event) {
            $key = "{$event->text('from')}~{$event->text('to')}";
            if ($event->isTrue('on')) {
                $tests[$key.count($tests)] = [$event, null];

                continue;
            }
            foreach (array_reverse($tests, true) as $name => [$on, $off]) {
                $ends = [$on->text('from'), $on->text('to')];
                if ($off === null && array_diff([$event->text('from'), $event->text('to')], $ends) === []) {
                    $tests[$name] = [$on, $event];
                    break;
                }
            }
        }

        return array_values(array_map(static fn (array $test): JumperTest => new JumperTest(
            $test[0]->text('from'),
            $test[0]->text('to'),
            $test[0]->text('reason'),
            $test[1]?->at === null || $test[0]->at === null ? null : $test[1]->at - $test[0]->at,
        ), $tests));
    }

    /** How the unit is left that could not be put right; null where it was. */
    public function left(): ?Event
    {
        return $this->visit->left();
    }

    /** @return list<OpenItem> what is still open, on purpose or not */
    public function open(): array
    {
        return OpenItems::of($this->visit);
    }

    /** @return list<RungContact> that were passed over, with the reason */
    public function waived(): array
    {
        return array_values(array_filter(
            (new Rung($this->visit))->contacts(),
            static fn (RungContact $c): bool => $c->waived !== null,
        ));
    }

    /** @return list<Event> what was judged of parts in the hand */
    private function onBench(): array
    {
        $last = [];
        foreach ($this->visit->since(null, EventType::Judged) as $event) {
            $last["{$event->text('part')} {$event->text('check')}"] = $event;
        }

        return array_values($last);
    }
}
