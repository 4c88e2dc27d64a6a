<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Shop\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A circuit file as it was at one time. It never changes: the database refuses to.
 *
 * @property int $id
 * @property string $circuit_id
 * @property int $number from 1
 * @property string $title
 * @property string $supply
 * @property string $text the file
 * @property string $hash sha256 of the text
 * @property RevisionSource $source
 * @property int|null $user_id who made it
 * @property User|null $author the same
 * @property string $note why, in words
 * @property Carbon $created_at
 */
class CircuitRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'number', 'title', 'supply', 'text', 'hash', 'source', 'user_id', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['source' => RevisionSource::class];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
