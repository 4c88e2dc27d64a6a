<?php

namespace Database\Seeders;

use App\Calls\Arriving;
use App\Calls\Call;
use App\Calls\EventLog;
use App\Calls\Judging;
use App\Circuits\CircuitShelf;
use Illuminate\Support\Carbon;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Meter\Clamped;
use Levin\Core\Parts\Kind;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Rung\Account;
use Levin\Core\Record\Rung\Loads;
use Levin\Core\Record\Rung\OpenItems;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Record\Standing;
use Levin\Core\Record\Told;
use Levin\Core\Record\WhenSeen;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

/** Works a call the way a technician would: hides a fault in the unit, follows the advice, reads the simulated meter. */
final class SimulatedVisit
{
    private Call $call;

    private Carbon $clock;

    private HiddenUnit $unit;

    /** @var list<string> that are hidden in the unit */
    private array $faults;

    public function __construct(private readonly CircuitShelf $shelf, private readonly EventLog $log, private readonly Judging $judging)
    {
    }

    /** A call with faults hidden in its unit; what follows is done to it. */
    public function begin(Call $call, string ...$faults): self
    {
        return $this->beginning($call, false, ...$faults);
    }

    /** The same with faults that come and go. */
    public function beginNowAndThen(Call $call, string ...$faults): self
    {
        return $this->beginning($call, true, ...$faults);
    }

    private function beginning(Call $call, bool $comesAndGoes, string ...$faults): self
    {
        $this->call = $call;
        // nobody has noted anything in the hours to come
        $this->clock = $call->scheduled_for->min(Carbon::now()->subHours(2))->copy()->addMinutes(6);
        $this->faults = array_values($faults);
        $settler = $this->shelf->settler($call->revision);
        $hidden = $settler->model->faults->parseAll($this->faults);
        $this->unit = new HiddenUnit($settler, $this->standing()->conditions, $hidden, $comesAndGoes, new Luck, new Dice($call->id));
        $this->unit->wait(60 * 20);

        return $this;
    }

    /** History and complaint, then all that can be seen and heard, lamps before anything is switched. */
    public function arrive(string $since = '', string $pattern = 'all the time'): self
    {
        $call = $this->call;
        $visits = Call::query()->where('unit_id', $call->unit_id)->where('scheduled_for', '<', $call->scheduled_for)->count();
        $this->append(EventType::HistoryRead, ['visits' => $visits]);
        $this->append(EventType::Complaint, ['words' => $call->complaint, 'since' => $since, 'pattern' => $pattern]);
        $parts = $this->shelf->model($call->revision)->parts;
        $lamps = array_filter($parts, static fn (Kind $kind): bool => $kind->isElectronic() && $kind->observables() !== []);
        foreach ($this->unit->complaint() as $part => $seen) {
            $this->append(EventType::Observation, ['part' => $part, 'seen' => implode(', ', $seen), 'moment' => WhenSeen::COMES_AND_GOES]);
        }
        foreach (['IBM', 'OFM', ...array_keys($lamps)] as $part) {
            $this->append(EventType::Observation, ['part' => $part, 'seen' => $this->unit->look($part)]);
        }

        return $this;
    }

    /**
     * Follows the advice until something is found, and keeps it.
     *
     * @param  int  $tests  at most this many readings and looks
     */
    public function trace(string $cause = '', int $tests = 20): self
    {
        for ($n = 0; $n < $tests; $n++) {
            [$found, $next] = $this->advised();
            if ($found !== []) {
                $beside = $this->visit()->faults() === [] ? [] : ['beside' => true];
                $this->append(EventType::Finding, ['faults' => $found, 'cause' => $cause, ...$beside]);
            }
            if ($next === null) {
                break;
            }
            $this->follow($next);
        }

        return $this;
    }

    /** What was found last is put right. */
    public function repair(string $done): self
    {
        [$finding] = array_slice($this->visit()->faults(), -1);
        $faults = array_values(array_filter((array) ($finding->data['faults'] ?? []), is_string(...)));
        [$part, $mode] = explode(':', $faults[0]);
        if ($mode !== 'tripped' && isset($this->shelf->model($this->call->revision)->parts[$part])) {
            $this->makeDead();
            $this->append(EventType::Replaced, ['part' => $part]);
        } else {
            $this->append(EventType::Worked, ['target' => $part, 'words' => $done]);
        }
        $this->unit->mend(array_values(array_intersect($this->faults, $faults)));

        return $this;
    }

    /**
     * It cannot be put right now.
     *
     * @param  list<string>  $off  switches that are left off on purpose
     */
    public function leave(string $words, string $mustNot, array $off): self
    {
        foreach ($off as $name) {
            $this->turn($name, false);
        }
        $this->append(EventType::Left, ['how' => 'made safe', 'words' => $words, 'must_not' => $mustNot, 'off' => $off]);

        return $this;
    }

    /** Everything is put back, but for what is left. */
    public function restore(string ...$left): self
    {
        foreach (OpenItems::of($this->visit()) as $item) {
            if (! in_array($item->key, $left, true)) {
                $this->append($item->type, $item->data);
            }
        }

        return $this;
    }

    /** What each load draws, panels on, and a whole cycle. */
    public function verify(int $minutes = 20): self
    {
        $this->unit->change($this->standing()->conditions);
        $this->unit->wait(60 * 12);
        foreach (Loads::of($this->visit()) as $load) {
            $amps = $this->unit->clamp([new Clamped($load->wires[0])], 1);
            $this->append(EventType::Reading, [
                'function' => 'amps', 'red' => $load->wires[0], 'entered' => (string) round((float) $amps, 2),
            ]);
        }
        $this->append(EventType::Watched, ['minutes' => $minutes, 'as_expected' => true, 'words' => 'Split 18 °F.']);

        return $this;
    }

    /** A contact is passed over, for a reason. */
    public function pass(string $contact, string $reason): self
    {
        $this->append(EventType::Waived, ['contact' => $contact, 'on' => true, 'reason' => $reason]);

        return $this;
    }

    public function tell(): self
    {
        $this->append(EventType::WasTold, [
            'who' => 'who opened the door',
            'words' => (new Account($this->visit()))->words(),
            'said' => 'Thank you; go ahead.',
        ]);

        return $this;
    }

    public function close(): void
    {
        $this->append(EventType::Closed, []);
    }

    private function makeDead(): void
    {
        foreach ($this->standing()->circuit->conditions as $condition) {
            if ($condition->power) {
                $this->turn($condition->name, false);
            }
        }
        if (! $this->standing()->provedDead) {
            $this->append(EventType::ProvedDead, ['known_before' => true, 'circuit_dead' => true, 'known_after' => true]);
        }
    }

    private function turn(string $name, bool $on): void
    {
        if ($this->standing()->conditions->isOn($name) !== $on) {
            $this->append(EventType::Condition, ['name' => $name, 'value' => $on]);
        }
    }

    private function follow(Candidate $candidate): void
    {
        $conditions = $candidate->when->conditions;
        $now = $this->standing();
        foreach (array_diff($now->conditions->lifted, $conditions->lifted) as $wire) {
            $this->append(EventType::Lead, ['wire' => $wire, 'lifted' => false]);
        }
        foreach ($now->circuit->conditions as $condition) {
            $this->turn($condition->name, $conditions->isOn($condition->name));
        }
        $test = $candidate->test;
        $act = $test->act();
        if ($conditions->isPoweredDown($now->circuit) && $act->way !== Way::Eyes && ! $now->provedDead) {
            $this->append(EventType::ProvedDead, ['known_before' => true, 'circuit_dead' => true, 'known_after' => true]);
        }
        foreach ($candidate->lift as $wire) {
            $this->append(EventType::Lead, ['wire' => $wire, 'lifted' => true]);
        }
        $this->unit->change($conditions);
        $this->unit->wait(60 * $candidate->minutes);
        if ($act->asItStarts) {
            $this->unit->restart();
        }
        $shown = $test->carriedOut($this->unit);
        $told = Told::of($test, $shown);
        $this->append($told->type, $told->data);
    }

    /**
     * What has been found, or else what to test next: the same for the same log, and kept, for whoever sets the demo up once more.
     *
     * @return array{list<string>, Candidate|null}
     */
    private function advised(): array
    {
        $log = $this->call->load('events')->log();
        $told = array_map(static fn (Event $e): array => [$e->type, $e->data, $e->at - $log[0]->at], $log);

        return $this->shelf->kept('advised '.sha1(serialize($told)), $this->call->revision, function (): array {
            $now = $this->standing();
            $assessment = $this->shelf->investigation($this->call->revision)->assess($now->allEvidence(), $now->standpoint());
            $found = $assessment->found();

            return $found === null ? [[], ($assessment->next[0] ?? null)?->candidate] : [$found->faults, null];
        });
    }

    private function standing(): Standing
    {
        return Standing::after($this->shelf->model($this->call->revision)->circuit, $this->call->load('events')->log());
    }

    private function visit(): Visit
    {
        return $this->judging->visit($this->call->load('events'));
    }

    /** @param  array<string, mixed>  $data */
    private function append(EventType $type, array $data): void
    {
        $this->clock->addMinutes(2);
        $this->log->append($this->call, Arriving::made($this->call->technician, $type, $data, $this->clock->copy()));
    }
}
