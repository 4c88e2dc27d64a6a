<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitRevision;
use App\Database\Dates;
use App\Database\Words;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Levin\Core\Record\Event;
use Levin\Core\Record\LeftHow;
use Levin\Core\Record\Rung\Contact;

/**
 * One visit to one unit. Its events are the record; `closed_at` is kept from them for listing. It is worked on, and read for
 * ever after, with the circuit revision it began with.
 *
 * @property int $id
 * @property int $number
 * @property int $unit_id
 * @property int $circuit_revision_id
 * @property int $technician_id
 * @property string $complaint
 * @property Carbon $scheduled_for
 * @property Carbon|null $closed_at
 * @property Contact|null $open_at  at which contact its rung is open; null where at none
 * @property string|null $finding  what is found, one after the other
 * @property Carbon|null $jumper_since  when the first jumper was put on that still is
 * @property LeftHow|null $left_how  how the unit is left that could not be put right
 * @property string|null $left_words
 * @property int|null $imported_by
 * @property Carbon|null $imported_at
 * @property Unit $unit
 * @property CircuitRevision $revision
 * @property User $technician
 * @property User|null $importer
 * @property Collection<int, CallEvent> $events
 * @property int|null $events_count
 */
class Call extends Model
{
    protected $fillable = [
        'number',
        'unit_id',
        'circuit_revision_id',
        'technician_id',
        'complaint',
        'scheduled_for',
        'closed_at',
        'open_at',
        'finding',
        'jumper_since',
        'left_how',
        'left_words',
        'imported_by',
        'imported_at',
    ];

    protected $dateFormat = Dates::FORMAT;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'scheduled_for' => 'datetime',
            'closed_at' => 'datetime',
            'imported_at' => 'datetime',
            'open_at' => Contact::class,
            'jumper_since' => 'datetime',
            'left_how' => LeftHow::class,
        ];
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsTo<CircuitRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(CircuitRevision::class, 'circuit_revision_id');
    }

    /** @return BelongsTo<User, $this> */
    public function technician(): BelongsTo
    {
        return $this->belongsTo(User::class, 'technician_id');
    }

    /** @return BelongsTo<User, $this> */
    public function importer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'imported_by');
    }

    /** @return HasMany<CallEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CallEvent::class)->orderBy('sequence');
    }

    /** A call that begins now, with the next number. */
    public static function open(Unit $unit, int $revision, User $technician, string $complaint): self
    {
        return self::query()->create([
            'number' => 1 + (self::query()->latest('number')->first()->number ?? 0),
            'unit_id' => $unit->id,
            'circuit_revision_id' => $revision,
            'technician_id' => $technician->id,
            'complaint' => $complaint,
            'scheduled_for' => now(),
        ]);
    }

    /**
     * With all that a list shows of a call, and no more.
     *
     * @return Builder<self>
     */
    public static function listed(): Builder
    {
        return self::query()->with(['unit.site', 'technician', 'importer'])->withCount('events');
    }

    /**
     * Listed ones in which each word is found somewhere, or in their unit.
     *
     * @return Builder<self>
     */
    public static function search(string $words): Builder
    {
        $query = self::listed();
        foreach (Words::patterns($words) as $pattern) {
            $query->where(static fn (Builder $one) => $one
                ->whereRaw('number '.Words::LIKE, [$pattern])
                ->orWhereRaw('complaint '.Words::LIKE, [$pattern])
                ->orWhereHas('unit', static fn (Builder $unit) => Unit::like($unit, $pattern)));
        }

        return $query;
    }

    /** @return list<Event> its log, as the core has it */
    public function log(): array
    {
        return array_values(array_map(static fn (CallEvent $e): Event => $e->toEvent(), $this->events->all()));
    }

    /** Of a listed call. */
    public function stage(): Stage
    {
        return match (true) {
            $this->closed_at !== null => Stage::Closed,
            ($this->events_count ?? 0) === 0 => Stage::Scheduled,
            $this->finding !== null => Stage::Found,
            default => Stage::Open,
        };
    }
}
