<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Work\Claim;

/** An earlier visit to the unit, as somebody needs it who stands before the unit again. */
final readonly class PastVisitData extends Data
{
    /**
     * @param  list<string>  $done  what was done, a sentence each
     * @param  list<string>  $good  labels of the parts that were judged good
     * @param  string|null  $guaranteedTo  the last day on which the shop stands by it, where the shop is; null where there is nothing
     * @param  bool  $holds  whether it does on the day of the call that asks
     * @param  Claim|null  $claim  what the fault that is found now has to do with it; null while no part is found
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $technician,
        public string $complaint,
        public ?string $finding,
        public array $done,
        public array $good,
        public ?string $guaranteedTo,
        public bool $holds,
        public ?Claim $claim,
    ) {
    }
}
