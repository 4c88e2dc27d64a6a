<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * One way a part fails.
 */
final readonly class FaultMode
{
    /**
     * @param  string  $id  unique within the part
     * @param  string  $label  what a technician would call it
     * @param  float  $weight  how often it is the cause, against other modes of other parts [practice, no published source]
     * @param  string  $amountUnit  the unit of how bad it is, for a mode injected as `PART:MODE=AMOUNT`; empty when it has no degrees
     */
    public function __construct(public string $id, public string $label, public float $weight, public string $amountUnit = '')
    {
    }
}
