<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** A circuit as it is found: what it is, what is in it, and a small drawing. */
final readonly class CircuitCardData extends Data
{
    /**
     * @param  int  $revision  id of the newest one
     * @param  bool  $isShops  whether a lead has marked it as the shop's
     * @param  list<FeatureData>  $features
     * @param  list<string>  $apart  what it has that the others found with it have not, or not all of them
     * @param  list<string>  $units  makers and models in the shop's care that have it
     */
    public function __construct(
        public string $id,
        public int $revision,
        public int $number,
        public string $title,
        public string $family,
        public string $supply,
        public RevisionSource $source,
        public bool $isShops,
        public int $parts,
        public int $wires,
        public array $features,
        public array $apart,
        public array $units,
        public ThumbData $drawing,
    ) {
    }
}
