<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Part;

/**
 * The behaviour of one kind of part. A kind is one concrete subclass in a family folder below Parts and nothing else.
 */
abstract class Kind extends Component
{
    public function __construct(public readonly Part $part)
    {
        parent::__construct($part->id);
    }

    abstract public static function definition(): Definition;

    /**
     * Looks for what the plate's own values or the program contradict.
     *
     * @throws UnusablePart
     */
    public function check(): void
    {
    }

    /** What it asks of the circuit that feeds it; null for what is no load, or too small to count. */
    public function demand(): ?Demand
    {
        return null;
    }

    /** Whether it is a load that is seen or heard to run: what someone calls about. */
    public function isMachine(): bool
    {
        return $this->demand() !== null && $this->observables() !== [];
    }

    /** What it is to the circuit behind it, when it is there to open on too much current. */
    public function overcurrentDevice(): ?OvercurrentDevice
    {
        return null;
    }

    /** Farads that are marked for what lies between two of its terminals; null where nothing is, or a range. */
    public function markedFarads(string $one, string $other): ?float
    {
        return null;
    }

    /** Whether its terminals are test points, on which a wire may end with nothing beyond it. */
    public function isForProbes(): bool
    {
        return false;
    }

    /** Whether it is a motor in a compressor's shell. */
    public function isHermetic(): bool
    {
        return false;
    }

    #[\Override]
    public function nodeName(string $local): string
    {
        return $local === '#case' ? $this->part->case : $this->part->point($local);
    }

    #[\Override]
    public function describe(FaultMode $mode): string
    {
        return "{$this->part->label}: $mode->label";
    }
}
