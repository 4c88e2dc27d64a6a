<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Circuits\CircuitRevision;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Levin\Core\Drafting\Draft;

/**
 * A circuit that someone is making. Every step is kept as it is made, so that nothing is lost when a battery dies; which of them
 * stands is what undoing and redoing change.
 *
 * @property int $id
 * @property int $user_id whose it is
 * @property string $circuit_id that it will be saved as
 * @property int|null $base_revision_id that it began with
 * @property int|null $unit_id that it is made for
 * @property string|null $photo of the label that it is copied from
 * @property int $at number of the step that stands
 * @property Carbon|null $saved_at
 * @property Carbon $updated_at
 * @property CircuitRevision|null $base
 * @property Collection<int, DraftStep> $steps
 */
class CircuitDraft extends Model
{
    protected $fillable = ['user_id', 'circuit_id', 'base_revision_id', 'unit_id', 'photo', 'at', 'saved_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['saved_at' => 'datetime'];
    }

    /** @return BelongsTo<CircuitRevision, $this> */
    public function base(): BelongsTo
    {
        return $this->belongsTo(CircuitRevision::class, 'base_revision_id');
    }

    /** @return HasMany<DraftStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(DraftStep::class)->orderBy('number');
    }

    /** As it stands. */
    public function draft(): Draft
    {
        return Draft::of($this->steps()->where('number', $this->at)->firstOrFail()->text);
    }
}
