<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** The circuits that fit what was asked, and what to look for to tell them apart. */
final readonly class CircuitsData extends Data
{
    /**
     * @param  list<CircuitCardData>  $items  the first of them
     * @param  int  $total  of all that fit
     * @param  list<string>  $families  of all circuits there are
     * @param  list<string>  $supplies  the same
     * @param  FeatureData|null  $ask  whether the unit at hand has one; null where nothing tells them apart
     */
    public function __construct(
        public array $items,
        public int $total,
        public array $families,
        public array $supplies,
        public ?FeatureData $ask,
    ) {
    }
}
