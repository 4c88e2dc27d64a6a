<?php

declare(strict_types=1);

namespace App\Units;

use App\Circuits\Circuit;
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
