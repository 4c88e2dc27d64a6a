<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** What two pressures and the temperatures beside them say of a running unit. What was not read is null. */
final readonly class Cycle
{
    /** °C at which the refrigerant boils in the evaporator: its dew point, from which superheat counts. */
    public float $evaporating;

    /** K by which vapour is warmer than that as it leaves. */
    public ?float $superheat;

    /** °C at which it condenses, halfway between its dew and bubble points. */
    public ?float $condensing;

    /** K by which liquid is colder than its bubble point. */
    public ?float $subcooling;

    /**
     * @param  float  $suction  Pa absolute, and so on
     * @param  float|null  $suctionLine  °C, and so on
     *
     * @throws OffTheTable
     */
    public function __construct(
        Refrigerant $refrigerant,
        public float $suction,
        public ?float $head,
        ?float $suctionLine,
        ?float $liquidLine,
        public ?float $outdoor,
        public ?float $return,
        ?float $supply,
    ) {
        $this->evaporating = $refrigerant->dew->celsius($suction);
        $this->superheat = $suctionLine === null ? null : $suctionLine - $this->evaporating;
        $bubble = $head === null ? null : $refrigerant->bubble->celsius($head);
        $this->condensing = $head === null ? null : ($bubble + $refrigerant->dew->celsius($head)) / 2;
        $this->subcooling = $bubble === null || $liquidLine === null ? null : $bubble - $liquidLine;
        $this->split = $return === null || $supply === null ? null : $return - $supply;
    }

    /** K by which the air is colder behind the coil. */
    public ?float $split;

    /** K by which it condenses above the air that takes the heat. */
    public function overOutdoor(): ?float
    {
        return $this->condensing === null || $this->outdoor === null ? null : $this->condensing - $this->outdoor;
    }

    /** K by which it boils below the air that brings the heat. */
    public function underReturn(): ?float
    {
        return $this->return === null ? null : $this->return - $this->evaporating;
    }

    /** Whether both sides are at one pressure, within so large a share. */
    public function isAlike(float $share): bool
    {
        return $this->head !== null && abs($this->head - $this->suction) <= $share * $this->head;
    }
}
