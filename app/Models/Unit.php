<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $circuit id of its circuit file
 * @property string $maker
 * @property string $model
 * @property string $serial
 * @property int $installed year
 * @property string $place where on the site
 * @property Site $site
 */
class Unit extends Model
{
    protected $fillable = ['name', 'circuit', 'maker', 'model', 'serial', 'installed', 'place'];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return HasMany<Call, $this> */
    public function calls(): HasMany
    {
        return $this->hasMany(Call::class)->orderByDesc('scheduled_for');
    }
}
