<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Data;

/** What may be set of a unit; what is left out stays. */
final readonly class UnitInput extends Data
{
    /**
     * @param  string|null  $site  by its name; a new one where there is none of it
     * @param  string|null  $circuit  id of the one that it has from now on
     */
    public function __construct(
        public ?string $name = null,
        public ?string $site = null,
        public ?string $place = null,
        public ?string $maker = null,
        public ?string $model = null,
        public ?string $serial = null,
        public ?int $installed = null,
        public ?string $circuit = null,
    ) {
    }
}
