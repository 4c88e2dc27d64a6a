<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use App\Circuits\OwnCircuit;
use App\Database\Write;
use App\Photos\PhotoShelf;
use App\Photos\UnreadablePhoto;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/**
 * Takes call files in. Nothing in a file is believed that can be derived: each event goes through the gate again and must come
 * out just as the file has it, and whether the call is closed follows from its log. A file is taken whole or not at all.
 */
final readonly class CallImport
{
    /** Events of one file. */
    private const MOST = 2000;

    private const COMPLAINT = 500;

    public function __construct(private CircuitShelf $shelf, private Judging $judging, private PhotoShelf $photos)
    {
    }

    /**
     * @param  array<mixed>  $file
     * @return int id of the call
     *
     * @throws UnusableCallFile
     */
    public function take(array $file, User $importer): int
    {
        if (($file['levin_call'] ?? null) !== CallFile::VERSION || ! is_array($file['events'] ?? null) || ! is_array(
            $file['unit'] ?? null,
        )) {
            throw UnusableCallFile::notOne();
        }
        if (count($file['events']) > self::MOST) {
            throw UnusableCallFile::tooLong(self::MOST);
        }
        $serial = CallFileField::text($file['unit'], 'serial', 100);
        $unit = Unit::query()->firstWhere('serial', $serial) ?? throw UnusableCallFile::unknownUnit($serial);
        $revision = self::revision($unit, $file);
        $number = $file['number'] ?? null;
        if (! is_int($number) || $number < 1) {
            throw UnusableCallFile::noNumber();
        }
        /** @var Collection<array-key, User> $people */
        $people = User::query()->get()->keyBy('email');
        $rows = $this->events(array_values($file['events']), $revision, $people, $importer);
        $closing = self::lastClosing($rows);
        $fields = [
            'number' => $number,
            'unit_id' => $unit->id,
            'circuit_revision_id' => $revision->id,
            'technician_id' => ($people[CallFileField::text($file, 'technician', 200)] ?? $importer)->id,
            'complaint' => CallFileField::text($file, 'complaint', self::COMPLAINT),
            'scheduled_for' => CallFileField::planned($file, 'scheduled_for'),
            'closed_at' => $closing,
            'imported_by' => $importer->id,
            'imported_at' => now(),
        ];

        $photos = is_array($file['photos'] ?? null) ? $file['photos'] : [];

        return Write::transaction(function () use ($fields, $rows, $number, $photos): int {
            if (Call::query()->where('number', $number)->exists()) {
                throw UnusableCallFile::callIsHere($number);
            }
            $call = Call::query()->create($fields);
            foreach ($rows as $n => $row) {
                if (CallEvent::query()->whereKey($row->event->id)->exists()) {
                    throw UnusableCallFile::eventIsHere($n + 1);
                }
                CallEvent::query()->create([...$row->row(), 'call_id' => $call->id, 'sequence' => $n + 1]);
            }
            $this->judging->keep($call);
            // last: of a file that is not taken nothing is kept
            $this->keep($photos);

            return $call->id;
        });
    }

    /**
     * Pictures by what they are called: one that is kept already is kept once.
     *
     * @param  array<mixed>  $photos
     *
     * @throws UnusableCallFile
     */
    private function keep(array $photos): void
    {
        foreach ($photos as $hash => $text) {
            try {
                $this->photos->restore((string) $hash, is_string($text) ? (string) base64_decode($text, true) : '');
            } catch (UnreadablePhoto $e) {
                throw UnusableCallFile::badPhoto($e);
            }
        }
    }

    /**
     * The revision the call was worked on with; files from before there were revisions name none, and that was the first.
     *
     * @param  array<mixed>  $file
     */
    private static function revision(Unit $unit, array $file): CircuitRevision
    {
        // a unit that has a circuit of its own by now had another one before
        $own = OwnCircuit::of($unit->circuit_id, $unit->id);
        $revisions = CircuitRevision::query()->whereIn('circuit_id', [$own->base, $own->id])->orderBy('id');
        $circuit = $file['circuit'] ?? null;
        if (! is_array($circuit)) {
            return $revisions->firstOrFail();
        }

        return $revisions->firstWhere('hash', CallFileField::text($circuit, 'sha256', 64))
            ?? throw UnusableCallFile::unknownRevision(CallFileField::text($circuit, 'id', 100));
    }

    /**
     * @param  list<mixed>  $events
     * @param  Collection<array-key, User>  $people  by e-mail
     * @return list<ImportedEvent>
     */
    private function events(array $events, CircuitRevision $revision, Collection $people, User $importer): array
    {
        $gate = new Gate($this->shelf->model($revision), isRecord: true);
        $log = $rows = [];
        foreach ($events as $n => $event) {
            $type = is_array($event) ? EventType::tryFrom(CallFileField::text($event, 'type', 40)) : null;
            if (! is_array($event) || $type === null) {
                throw UnusableCallFile::unknownType($n + 1);
            }
            $id = Str::lower(CallFileField::text($event, 'id', 36));
            if (! Str::isUuid($id)) {
                throw UnusableCallFile::noUuid($n + 1);
            }
            /** @var array<string, mixed> $data */
            $data = is_array($event['data'] ?? null) ? $event['data'] : [];
            try {
                $admitted = $gate->admit($type, $data, $log);
            } catch (Refusal $e) {
                throw UnusableCallFile::refused($n + 1, $e);
            }
            if (! self::same($admitted, $data)) {
                throw UnusableCallFile::contradicts($n + 1);
            }
            if (isset($rows[$id])) {
                throw UnusableCallFile::twice($n + 1);
            }
            $log[] = $taken = new Event($id, $type, $admitted);
            $rows[$id] = new ImportedEvent(
                $taken,
                ($people[CallFileField::text($event, 'by', 200)] ?? $importer)->id,
                CallFileField::past($event, 'noted_at'),
                CallFileField::past($event, 'stored_at'),
            );
        }

        return array_values($rows);
    }

    /**
     * When the log last closed the call, if it is closed at its end.
     *
     * @param  list<ImportedEvent>  $rows
     */
    private static function lastClosing(array $rows): ?Carbon
    {
        $closed = null;
        foreach ($rows as $row) {
            $closed = match ($row->event->type) {
                EventType::Closed => $row->notedAt,
                EventType::Reopened => null,
                default => $closed,
            };
        }

        return $closed;
    }

    /** Strictly the same, but that JSON does not tell 26 from 26.0. */
    private static function same(mixed $a, mixed $b): bool
    {
        if (is_array($a) && is_array($b)) {
            foreach ($a as $key => $value) {
                if (! array_key_exists($key, $b) || ! self::same($value, $b[$key])) {
                    return false;
                }
            }

            return count($a) === count($b);
        }

        return (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) ? (float) $a === (float) $b : $a === $b;
    }
}
