<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;

/** A meter in series with a wire, which is off one of its ends for it. */
final readonly class Ammeter
{
    public function __construct(public string $wire)
    {
    }

    public function key(): string
    {
        return "in $this->wire";
    }

    /**
     * @return array{string, string}
     *
     * @throws UnknownName
     */
    public function ends(Circuit $circuit): array
    {
        $wire = $circuit->wire($this->wire);

        return [$wire->from, $wire->to];
    }
}
