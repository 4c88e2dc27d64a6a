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

    /** How bad it is, in words: between two amounts, or about one. */
    public function about(float $least, float $most): string
    {
        // a share of something is said in hundredths of it
        $isShare = str_starts_with($this->amountUnit, 'share ');
        $number = static fn (float $amount): string => $isShare ? sprintf('%.0f', 100 * $amount) : sprintf('%.3g', $amount);
        $range = $number($least).($least === $most ? '' : ' to '.$number($most));

        return "about $range ".($isShare ? '%'.substr($this->amountUnit, strlen('share')) : $this->amountUnit);
    }
}
