<?php

namespace Database\Seeders;

use App\Calls\Call;
use App\Calls\EventLog;
use App\Circuits\CircuitShelf;
use App\Shop\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Meter\Meter;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Standing;

/** Works a call the way a technician would: hides a fault in the unit, follows the advice, reads the simulated meter. */
final class SimulatedVisit
{
    private Carbon $clock;

    public function __construct(private readonly CircuitShelf $shelf, private readonly EventLog $log)
    {
    }

    /** @param  int  $tests at most this many readings and looks */
    public function work(Call $call, User $user, string $fault, int $tests, string $cause = '', bool $close = false): void
    {
        $this->clock = $call->scheduled_for->copy()->addMinutes(6);
        $this->append($call, $user, EventType::Observation, ['part' => 'IBM', 'seen' => $this->seen($call, $fault, 'IBM')]);
        $this->append($call, $user, EventType::Observation, ['part' => 'OFM', 'seen' => $this->seen($call, $fault, 'OFM')]);
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
            $this->follow($call, $user, $fault, $assessment->next[0]);
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

    private function follow(Call $call, User $user, string $fault, Advice $advice): void
    {
        $test = $advice->test;
        $now = $this->standing($call);
        foreach (array_diff($now->conditions->lifted, $test->conditions->lifted) as $wire) {
            $this->append($call, $user, EventType::Lead, ['wire' => $wire, 'lifted' => false]);
        }
        foreach ($now->circuit->conditions as $condition) {
            $wanted = $test->conditions->isOn($condition->name);
            if ($wanted !== $now->conditions->isOn($condition->name)) {
                $this->append($call, $user, EventType::Condition, ['name' => $condition->name, 'value' => $wanted]);
            }
        }
        if ($test->function === null) {
            $this->append($call, $user, EventType::Observation, ['part' => $test->red, 'seen' => $this->seen($call, $fault, $test->red)]);

            return;
        }
        if ($test->function->isDeadTest() && ! $now->provedDead) {
            $this->append($call, $user, EventType::ProvedDead, ['known_before' => true, 'circuit_dead' => true, 'known_after' => true]);
        }
        foreach ($test->lift as $wire) {
            $this->append($call, $user, EventType::Lead, ['wire' => $wire, 'lifted' => true]);
        }
        $settler = $this->shelf->settler($call->revision);
        $reading = (new Meter($settler))->read(
            $test->function,
            $test->red,
            $test->black,
            $settler->standing($this->standing($call)->conditions, $settler->model->faults->parseAll([$fault])),
        );
        $this->append($call, $user, EventType::Reading, [
            'function' => $test->function->value,
            'red' => $test->red,
            'black' => $test->black,
            'entered' => str_replace(' ', '', $reading->display()),
        ]);
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

        return $this->shelf->investigation($call->revision)->assess(
            array_values($now->evidence),
            $now->conditions,
            $now->provedDead,
            $now->place,
        );
    }

    private function seen(Call $call, string $fault, string $part): string
    {
        $settler = $this->shelf->settler($call->revision);

        return $settler->standing($this->standing($call)->conditions, $settler->model->faults->parseAll([$fault]))->observed($part);
    }

    private function standing(Call $call): Standing
    {
        return Standing::after($this->shelf->model($call->revision)->circuit, $call->load('events')->log());
    }

    /** @param  array<string, mixed>  $data */
    private function append(Call $call, User $user, EventType $type, array $data): void
    {
        $this->clock->addMinutes(2);
        $this->log->append($call, $user, (string) Str::uuid(), $type, $data, $this->clock->copy());
    }
}
