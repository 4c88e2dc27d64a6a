<?php

declare(strict_types=1);

namespace App\Units;

use App\Circuits\Circuit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A piece of equipment.
 *
 * @property int $id
 * @property string $name
 * @property string $maker
 * @property string $model
 * @property string $serial
 * @property int $installed year
 * @property string $place where on the site
 * @property string $circuit_id
 * @property Site $site
 * @property Circuit $circuit
 */
class Unit extends Model
{
    protected $fillable = ['site_id', 'name', 'circuit_id', 'maker', 'model', 'serial', 'installed', 'place'];

    /**
     * Those in which each word is found somewhere.
     *
     * @return Builder<self>
     */
    public static function search(string $words): Builder
    {
        $query = self::query();
        foreach (preg_split('/\s+/', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(static function (Builder $one) use ($like): void {
                foreach (['name', 'place', 'maker', 'model', 'serial'] as $column) {
                    $one->orWhereRaw("$column LIKE ? ESCAPE '\\'", [$like]);
                }
                $one->orWhereHas('site', static fn (Builder $site) => $site->whereRaw("name LIKE ? ESCAPE '\\'", [$like]));
            });
        }

        return $query;
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }
}
