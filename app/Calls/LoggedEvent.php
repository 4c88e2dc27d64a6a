<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use App\Shop\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/**
 * One line of a log. Append-only: the database refuses to change or delete it.
 *
 * @property string $id made by the client
 * @property int $user_id
 * @property EventType $type
 * @property array<string, mixed> $data
 * @property string|null $sent fingerprint of what the client sent; null for one that was imported
 * @property Carbon $noted_at when it happened, by the client's clock
 * @property Carbon $stored_at
 * @property User $user
 */
abstract class LoggedEvent extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = Dates::FORMAT;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['type' => EventType::class, 'data' => 'array', 'noted_at' => 'datetime', 'stored_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function toEvent(): Event
    {
        return new Event($this->id, $this->type, $this->data, $this->noted_at->getPreciseTimestamp(3) / 1000);
    }
}
