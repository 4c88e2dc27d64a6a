<?php

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Models\Call;
use App\Models\CallEvent;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** A call as an open file: JSON that can be imported again without loss, and its readings as rows. See docs/call-file.md. */
final class CallFile
{
    public function __construct(private readonly CircuitShelf $shelf)
    {
    }

    /** @return array<string, mixed> */
    public function export(Call $call): array
    {
        $call->load(['unit.site', 'technician', 'events.user']);

        return [
            'levin_call' => 1,
            'number' => $call->number,
            'complaint' => $call->complaint,
            'scheduled_for' => $call->scheduled_for->toIso8601ZuluString(),
            'closed_at' => $call->closed_at?->toIso8601ZuluString(),
            'technician' => $call->technician->email,
            'unit' => ['serial' => $call->unit->serial, 'name' => $call->unit->name, 'site' => $call->unit->site->name, 'circuit' => $call->unit->circuit],
            'events' => $call->events->map(fn (CallEvent $e): array => [
                'id' => $e->id, 'type' => $e->type, 'by' => $e->user->email,
                'noted_at' => $e->noted_at->toIso8601ZuluString(), 'stored_at' => $e->stored_at->toIso8601ZuluString(), 'data' => $e->data,
            ])->all(),
        ];
    }

    /**
     * @param  array<mixed>  $file
     *
     * @throws UnusableCallFile
     */
    public function import(array $file, User $importer): Call
    {
        if (($file['levin_call'] ?? null) !== 1 || ! is_array($file['events'] ?? null) || ! is_array($file['unit'] ?? null)) {
            throw new UnusableCallFile('This is not a Levin call file. Choose a file that was exported as "call-….json".');
        }
        $serial = $this->text($file['unit'], 'serial');
        $unit = Unit::query()->firstWhere('serial', $serial) ?? throw new UnusableCallFile("There is no unit with serial number $serial here. Enter the unit first.");
        $number = $file['number'] ?? null;
        if (! is_int($number) || Call::query()->where('number', $number)->exists()) {
            throw new UnusableCallFile('Call '.json_encode($number).' is here already, or has no number. Nothing was changed.');
        }
        $users = User::query()->get()->keyBy('email');

        return DB::transaction(function () use ($file, $unit, $number, $users, $importer): Call {
            $call = Call::query()->create([
                'number' => $number, 'unit_id' => $unit->id, 'technician_id' => ($users[$this->text($file, 'technician')] ?? $importer)->id,
                'complaint' => $this->text($file, 'complaint'), 'scheduled_for' => $this->date($file, 'scheduled_for'),
                'closed_at' => isset($file['closed_at']) ? $this->date($file, 'closed_at') : null,
            ]);
            $gate = new Gate($this->shelf->model($unit->circuit));
            $log = [];
            foreach (array_values((array) $file['events']) as $n => $event) {
                $type = is_array($event) ? EventType::tryFrom($this->text($event, 'type')) : null;
                if (! is_array($event) || $type === null || CallEvent::query()->whereKey($this->text($event, 'id'))->exists()) {
                    throw new UnusableCallFile('Event '.($n + 1).' is here already or is of an unknown type. Nothing was changed.');
                }
                /** @var array<string, mixed> $data */
                $data = is_array($event['data'] ?? null) ? $event['data'] : [];
                try {
                    if ($gate->admit($type, $data, $log) != $data) {
                        throw new UnusableCallFile('Event '.($n + 1).' contradicts itself: what was entered does not mean what the file says. Nothing was changed.');
                    }
                } catch (Refusal $e) {
                    throw new UnusableCallFile('Event '.($n + 1)." cannot be taken: {$e->getMessage()} Nothing was changed.");
                }
                $log[] = new Event($this->text($event, 'id'), $type, $data);
                CallEvent::query()->create([
                    'id' => $this->text($event, 'id'), 'call_id' => $call->id, 'sequence' => $n + 1,
                    'user_id' => ($users[$this->text($event, 'by')] ?? $importer)->id, 'type' => $type->value, 'data' => $data,
                    'noted_at' => $this->date($event, 'noted_at'), 'stored_at' => $this->date($event, 'stored_at'),
                ]);
            }

            return $call;
        });
    }

    /** @return list<list<string|float|null>> header and one row a reading, struck ones marked */
    public function readings(Call $call): array
    {
        $events = $call->events()->with('user')->get();
        $struck = $events->where('type', EventType::Strike->value)->mapWithKeys(fn (CallEvent $e): array => [$e->toEvent()->text('event') => $e->toEvent()->text('reason')]);
        $rows = [['sequence', 'noted_at', 'by', 'function', 'red', 'black', 'entered', 'value_si', 'overload', 'struck_because']];
        foreach ($events->where('type', EventType::Reading->value) as $e) {
            $event = $e->toEvent();
            $rows[] = [(string) $e->sequence, $e->noted_at->toIso8601ZuluString(), $e->user->name, $event->text('function'), $event->text('red'), $event->text('black'), $event->text('entered'), $event->number('value'), ($event->data['overload'] ?? false) === true ? 'OL' : '', is_string($struck[$e->id] ?? null) ? $struck[$e->id] : ''];
        }

        return $rows;
    }

    /** @param  array<mixed>  $data */
    private function text(array $data, string $key): string
    {
        return is_string($data[$key] ?? null) ? $data[$key] : throw new UnusableCallFile("The file lacks \"$key\". It may have been edited; export it again.");
    }

    /** @param  array<mixed>  $data */
    private function date(array $data, string $key): Carbon
    {
        try {
            return Carbon::parse($this->text($data, $key));
        } catch (\InvalidArgumentException) {
            throw new UnusableCallFile("\"$key\" is not a date. It may have been edited; export it again.");
        }
    }
}
