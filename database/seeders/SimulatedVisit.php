<?php

namespace Database\Seeders;

use App\Calls\Arriving;
use App\Calls\Call;
use App\Calls\EventLog;
use App\Circuits\CircuitShelf;
use App\Shop\User;
use Illuminate\Support\Carbon;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Record\EventType;
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

    public function __construct(private readonly CircuitShelf $shelf, private readonly EventLog $log)
    {
    }

    /** @param  int  $tests at most this many readings and looks */
    public function work(Call $call, User $user, string $fault, int $tests, string $cause = '', bool $close = false): void
    {
        $this->clock = $call->scheduled_for->copy()->addMinutes(6);
        $settler = $this->shelf->settler($call->revision);
        $conditions = $this->standing($call)->conditions;
        $faults = $settler->model->faults->parseAll([$fault]);
        $this->unit = new HiddenUnit($settler, $conditions, $faults, false, new Luck, new Dice($call->id));
        $this->unit->wait(60 * 20);
        foreach (['IBM', 'OFM'] as $part) {
            $this->append($call, $user, EventType::Observation, ['part' => $part, 'seen' => $this->unit->look($part)]);
        }
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
        if ($close) {
            $this->append(
                $call,
                $user,
                EventType::Note,
                ['text' => 'Ran twenty minutes with the panels on. Compressor and fan at plate current, split 18 °F.'],
            );
            $this->restore($call, $user);
            $this->append($call, $user, EventType::Closed, []);
        }
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
