<?php

namespace Database\Seeders;

use App\Calls\Arriving;
use App\Calls\Call;
use App\Calls\EventLog;
use App\Calls\Judging;
use App\Circuits\CircuitShelf;
use App\Shop\User;
use Illuminate\Support\Carbon;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Meter\Clamped;
use Levin\Core\Parts\Kind;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Rung\Loads;
use Levin\Core\Record\Standing;
use Levin\Core\Record\Told;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

/** Works a call the way a technician would: hides a fault in the unit, follows the advice, reads the simulated meter. */
final class SimulatedVisit
{
    private Carbon $clock;

    private HiddenUnit $unit;

    public function __construct(private readonly CircuitShelf $shelf, private readonly EventLog $log, private readonly Judging $judging)
    {
    }

    /**
     * @param  int  $tests at most this many readings and looks
     * @param  string  $done  what was done about it; nothing: the call stays open
     */
    public function work(Call $call, User $user, string $fault, int $tests, string $cause = '', string $done = ''): void
    {
        $this->clock = $call->scheduled_for->copy()->addMinutes(6);
        $settler = $this->shelf->settler($call->revision);
        $conditions = $this->standing($call)->conditions;
        $faults = $settler->model->faults->parseAll([$fault]);
        $this->unit = new HiddenUnit($settler, $conditions, $faults, false, new Luck, new Dice($call->id));
        $this->unit->wait(60 * 20);
        $this->arrive($call, $user);
        for ($n = 0; $n < $tests; $n++) {
            $assessment = $this->assess($call);
            $found = $assessment->found();
            if ($found !== null) {
                $this->append($call, $user, EventType::Finding, ['faults' => $found->faults, 'cause' => $cause]);
                break;
            }
            if ($assessment->next === []) {
                break;
            }
            $this->follow($call, $user, $assessment->next[0]->candidate);
        }
        if ($done !== '') {
            $this->repair($call, $user, $fault, $done);
            $this->restore($call, $user);
            $this->verify($call, $user);
            $this->append($call, $user, EventType::WasTold, [
                'who' => 'who opened the door',
                'words' => 'What had failed, why, and that it ran for twenty minutes with the panels on.',
                'said' => 'Thank you; go ahead.',
            ]);
            $this->append($call, $user, EventType::Closed, []);
        }
    }

    /** History and complaint, then all that can be seen and heard, lamps before anything is switched. */
    private function arrive(Call $call, User $user): void
    {
        $visits = Call::query()->where('unit_id', $call->unit_id)->where('scheduled_for', '<', $call->scheduled_for)->count();
        $this->append($call, $user, EventType::HistoryRead, ['visits' => $visits]);
        $this->append($call, $user, EventType::Complaint, ['words' => $call->complaint, 'since' => '', 'pattern' => 'all the time']);
        $parts = $this->shelf->model($call->revision)->parts;
        $lamps = array_filter($parts, static fn (Kind $kind): bool => $kind->isElectronic() && $kind->observables() !== []);
        foreach (['IBM', 'OFM', ...array_keys($lamps)] as $part) {
            $this->append($call, $user, EventType::Observation, ['part' => $part, 'seen' => $this->unit->look($part)]);
        }
    }

    /** What was found is put right, and the unit is a healthy one again. */
    private function repair(Call $call, User $user, string $fault, string $done): void
    {
        foreach ($this->judging->visit($call->load('events'))->faults() as $finding) {
            $faults = array_filter((array) ($finding->data['faults'] ?? []), is_string(...));
            $part = explode(':', $faults[0] ?? '')[0];
            $isPart = isset($this->shelf->model($call->revision)->parts[$part]) && ! str_contains($faults[0] ?? '', 'tripped');
            if ($isPart && $this->standing($call)->provedDead) {
                $this->append($call, $user, EventType::Replaced, ['part' => $part]);
            } else {
                $this->append($call, $user, EventType::Worked, ['target' => $part, 'words' => $done]);
            }
        }
        $this->unit->mend([$fault]);
    }

    /** What each load draws, panels on, and a whole cycle. */
    private function verify(Call $call, User $user): void
    {
        $conditions = $this->standing($call)->conditions;
        $this->unit->change($conditions);
        $this->unit->wait(60 * 12);
        foreach (Loads::of($this->judging->visit($call->load('events'))) as $load) {
            $amps = $this->unit->clamp([new Clamped($load->wires[0])], 1);
            $this->append($call, $user, EventType::Reading, [
                'function' => 'amps', 'red' => $load->wires[0], 'entered' => (string) round((float) $amps, 2),
            ]);
        }
        $this->append($call, $user, EventType::Watched, ['minutes' => 20, 'as_expected' => true, 'words' => 'Split 18 °F.']);
    }

    private function follow(Call $call, User $user, Candidate $candidate): void
    {
        $conditions = $candidate->when->conditions;
        $now = $this->standing($call);
        foreach (array_diff($now->conditions->lifted, $conditions->lifted) as $wire) {
            $this->append($call, $user, EventType::Lead, ['wire' => $wire, 'lifted' => false]);
        }
        foreach ($now->circuit->conditions as $condition) {
            $wanted = $conditions->isOn($condition->name);
            if ($wanted !== $now->conditions->isOn($condition->name)) {
                $this->append($call, $user, EventType::Condition, ['name' => $condition->name, 'value' => $wanted]);
            }
        }
        $test = $candidate->test;
        $act = $test->act();
        if ($conditions->isPoweredDown($now->circuit) && $act->way !== Way::Eyes && ! $now->provedDead) {
            $this->append($call, $user, EventType::ProvedDead, ['known_before' => true, 'circuit_dead' => true, 'known_after' => true]);
        }
        foreach ($candidate->lift as $wire) {
            $this->append($call, $user, EventType::Lead, ['wire' => $wire, 'lifted' => true]);
        }
        $this->unit->change($conditions);
        $this->unit->wait(60 * $candidate->minutes);
        if ($act->asItStarts) {
            $this->unit->restart();
        }
        $shown = $test->carriedOut($this->unit);
        $told = Told::of($test, $shown);
        $this->append($call, $user, $told->type, $told->data);
    }

    private function restore(Call $call, User $user): void
    {
        $now = $this->standing($call);
        foreach ($now->conditions->lifted as $wire) {
            $this->append($call, $user, EventType::Lead, ['wire' => $wire, 'lifted' => false]);
        }
        foreach ($now->circuit->conditions as $condition) {
            if ($now->conditions->isOn($condition->name) !== $condition->default) {
                $this->append($call, $user, EventType::Condition, ['name' => $condition->name, 'value' => $condition->default]);
            }
        }
    }

    private function assess(Call $call): Assessment
    {
        $now = $this->standing($call);

        return $this->shelf->investigation($call->revision)->assess($now->allEvidence(), $now->standpoint());
    }

    private function standing(Call $call): Standing
    {
        return Standing::after($this->shelf->model($call->revision)->circuit, $call->load('events')->log());
    }

    /** @param  array<string, mixed>  $data */
    private function append(Call $call, User $user, EventType $type, array $data): void
    {
        $this->clock->addMinutes(2);
        $this->log->append($call, Arriving::made($user, $type, $data, $this->clock->copy()));
    }
}
