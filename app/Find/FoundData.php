<?php

declare(strict_types=1);

namespace App\Find;

use App\Api\Data;
use App\Calls\Call;
use App\Units\Unit;

/** Something that a search of everything has found, to go to. */
final readonly class FoundData extends Data
{
    /** @param  string  $detail  what tells it from others of its name */
    private function __construct(public FoundKind $kind, public int $id, public string $label, public string $detail)
    {
    }

    public static function call(Call $call): self
    {
        $what = $call->finding ?? $call->complaint;

        return new self(FoundKind::Call, $call->id, "Call $call->number · {$call->unit->name}", "{$call->unit->site->name} · $what");
    }

    public static function unit(Unit $unit): self
    {
        $more = array_filter([$unit->site->name, $unit->place, $unit->serves === '' ? '' : "serves $unit->serves", $unit->serial]);

        return new self(FoundKind::Unit, $unit->id, $unit->name, implode(' · ', $more));
    }
}
