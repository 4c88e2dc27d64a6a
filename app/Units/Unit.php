<?php

declare(strict_types=1);

namespace App\Units;

use App\Circuits\Circuit;
use App\Database\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A piece of equipment.
 *
 * @property int $id
 * @property int $site_id
 * @property string $name
 * @property string $maker
 * @property string $model
 * @property string $serial
 * @property int $installed year
 * @property string $place where on the site
 * @property string $circuit_id
 * @property string $serves the spaces it serves
 * @property string $thermostat where what calls it hangs
 * @property string $critical what is lost where it stands; nothing where it can wait
 * @property Site $site
 * @property Circuit $circuit
 */
class Unit extends Model
{
    protected $fillable = [
        'site_id', 'name', 'circuit_id', 'maker', 'model', 'serial', 'installed', 'place', 'serves', 'thermostat', 'critical',
    ];

    /**
     * Those in which each word is found somewhere.
     *
     * @return Builder<self>
     */
    public static function search(string $words): Builder
    {
        return array_reduce(Words::patterns($words), self::like(...), self::query());
    }

    /**
     * Those of some units in which a pattern is found somewhere.
     *
     * @param  Builder<self>  $units
     * @return Builder<self>
     */
    public static function like(Builder $units, string $pattern): Builder
    {
        return $units->where(static function (Builder $one) use ($pattern): void {
            foreach (['name', 'place', 'serves', 'thermostat', 'maker', 'model', 'serial'] as $column) {
                $one->orWhereRaw("$column ".Words::LIKE, [$pattern]);
            }
            $one->orWhereHas('site', static fn (Builder $site) => $site->whereRaw('name '.Words::LIKE, [$pattern]));
        });
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
