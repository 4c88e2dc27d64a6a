<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One visit to one unit. Its events are the record; `closed_at` is kept from them for listing.
 *
 * @property int $id
 * @property int $number
 * @property int $technician_id
 * @property string $complaint
 * @property Carbon $scheduled_for
 * @property Carbon|null $closed_at
 * @property Unit $unit
 * @property User $technician
 * @property Collection<int, CallEvent> $events
 */
class Call extends Model
{
    protected $fillable = ['number', 'unit_id', 'technician_id', 'complaint', 'scheduled_for', 'closed_at'];

    protected function casts(): array
    {
        return ['scheduled_for' => 'datetime', 'closed_at' => 'datetime'];
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsTo<User, $this> */
    public function technician(): BelongsTo
    {
        return $this->belongsTo(User::class, 'technician_id');
    }

    /** @return HasMany<CallEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CallEvent::class)->orderBy('sequence');
    }

    /** scheduled, open, found or closed */
    public function stage(): string
    {
        return match (true) {
            $this->closed_at !== null => 'closed',
            $this->events->isEmpty() => 'scheduled',
            $this->events->contains('type', 'finding') => 'found',
            default => 'open',
        };
    }
}
