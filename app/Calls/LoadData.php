<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Record\Rung\Load;

/** One load that is verified under load: plate, what it should draw now, what it drew before and draws now. */
final readonly class LoadData extends Data
{
    /**
     * @param  list<string>  $wires  round which a clamp reads it alone
     * @param  float|null  $plate  amperes
     * @param  float|null  $expected  amperes, of a healthy one as the unit should run
     * @param  float|null  $before  amperes, the last before something was done
     * @param  float|null  $measured  amperes, the last since
     * @param  string|null  $creep  what became of it since, in a sentence; null where it was not read again
     */
    private function __construct(
        public string $part,
        public string $label,
        public string $place,
        public array $wires,
        public ?float $plate,
        public ?float $expected,
        public ?float $before,
        public ?float $measured,
        public ?PartVerdictData $judged,
        public ?string $creep,
        public bool $creeping,
    ) {
    }

    public static function of(Load $load): self
    {
        return new self(
            $load->part->id,
            $load->part->label,
            $load->part->place,
            $load->wires,
            $load->plate,
            $load->expected,
            $load->before?->number('value'),
            $load->measured?->number('value'),
            $load->judged === null ? null : PartVerdictData::of(Kept::stored($load->judged->data)),
            $load->creep?->words(),
            $load->creep->isCreeping ?? false,
        );
    }
}
