<?php

declare(strict_types=1);

namespace App\Drafts;

use Illuminate\Database\Eloquent\Model;

/**
 * One step in the making of a circuit.
 *
 * @property int $circuit_draft_id
 * @property int $number 0 for what it began with
 * @property string $line the edit, as Levin\Core\Drafting\Edits takes it
 * @property string $words what was done, in words
 * @property string $text the circuit file after it
 */
class DraftStep extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $fillable = ['circuit_draft_id', 'number', 'line', 'words', 'text'];
}
