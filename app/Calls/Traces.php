<?php

declare(strict_types=1);

namespace App\Calls;

use App\Shop\User;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Diagnosis\Dossier;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\EventType;

/** How calls stand, worked out here or where their circuit is at hand. */
interface Traces
{
    public function of(int $id, User $for): TraceData;

    /** What one event came to; null when it is no evidence, or is struck out. */
    public function meaning(Call $call, string $event): ?MeaningData;

    /**
     * Makes ready what one more event would come to, where nobody has to wait for that.
     *
     * @param  array<string, mixed>  $data
     */
    public function suppose(Call $call, EventType $type, array $data): void;

    /** @return Dossier|null none of what nothing can be wrong with */
    public function dossier(Call $call, string $target): ?Dossier;

    /**
     * What tells whether a part or wire is good by itself.
     *
     * @throws UnknownName
     */
    public function byItself(Call $call, string $target): AloneData;

    /** @throws UnknownName */
    public function expected(Call $call, MeterFunction $function, string $red, string $black, int $turns): ExpectedData;
}
