<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Checks\Slips\Wrong;

/** Something wrong with a circuit, on the part or wire where it is wrong. */
final readonly class WrongData extends Data
{
    /**
     * @param  string  $on  part or wire id; empty for what is wrong with all of it
     * @param  bool  $bars  whether it cannot be saved until that is mended
     */
    private function __construct(public string $on, public string $what, public string $remedy, public bool $bars)
    {
    }

    public static function of(Wrong $wrong): self
    {
        return new self($wrong->on, $wrong->what, $wrong->remedy, $wrong->bars);
    }
}
