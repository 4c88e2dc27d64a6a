<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** The heading of a section. */
final readonly class DrawnTitle
{
    public function __construct(public string $title, public float $y)
    {
    }
}
