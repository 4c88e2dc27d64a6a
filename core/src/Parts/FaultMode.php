<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * One way a part fails.
 *
 * How bad it is has levels that stand for all of its range when it is suspected; a mode without them is suspected at its usual amount.
 */
final readonly class FaultMode
{
    /** A contact that burns or a joint that works loose has anything from some ohms to hundreds. [practice, no published source] */
    public const JOINT = [3.0, 8.0, 20.0, 50.0, 125.0, 300.0];

    /** What a bearing or a wheel takes beside its load: something, or more than the load itself. [practice, no published source] */
    public const DRAG = [0.3, 0.6, 1.2];

    /**
     * @param  string  $id  unique within the part
     * @param  string  $label  what a technician would call it
     * @param  float  $weight  how often it is the cause, against other modes of other parts [practice, no published source]
     * @param  string  $amountUnit  the unit of how bad it is, for a mode injected as `PART:MODE=AMOUNT`; empty when it has no degrees
     * @param  list<float>  $levels  from slight to bad
     * @param  array<string, float>  $signs  what hands and nose find of it, how often each
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $weight,
        public string $amountUnit = '',
        public array $levels = [],
        public array $signs = [],
    ) {
    }
}
