<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Drafting\Features;

/** Something that one sees in a unit. */
final readonly class FeatureData extends Data
{
    public function __construct(public string $kind, public string $words, public int $count)
    {
    }

    public static function of(string $kind, int $count): self
    {
        return new self($kind, Features::words($kind), $count);
    }
}
