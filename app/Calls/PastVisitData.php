<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** An earlier visit to the unit, as somebody needs it who stands before the unit again. */
final readonly class PastVisitData extends Data
{
    /**
     * @param  list<string>  $done  what was done, a sentence each
     * @param  string|null  $guaranteedTo  the last day on which the shop stands by it, where the shop is; null where nothing was done
     * @param  bool  $holds  whether it does on the day of the call that asks
     * @param  bool|null  $isSame  whether what is found now is of the same parts; null while nothing is found
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $technician,
        public string $complaint,
        public ?string $finding,
        public array $done,
        public ?string $guaranteedTo,
        public bool $holds,
        public ?bool $isSame,
    ) {
    }
}
