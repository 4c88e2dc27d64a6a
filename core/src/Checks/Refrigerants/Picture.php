<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** What all of it together looks like: the charge, the air, or something electrical. [practice, no published source] */
final readonly class Picture
{
    /** Both sides alike, as a share of the absolute pressure. [practice, no published source] */
    public const ALIKE = 0.08;

    /**
     * @param  bool  $isCooling  whether it is air conditioning, whose evaporator has a usual place under the air
     * @param  bool  $fanStands  the condenser's
     * @param  bool  $blowerStands  the evaporator's
     */
    public function __construct(
        private Cycle $cycle,
        private UsualCycle $usual,
        private bool $isCooling,
        private bool $fanStands,
        private bool $blowerStands,
    ) {
    }

    /** In sentences, the first of which says it; empty where nothing stands out. */
    public function words(): string
    {
        $superheat = Level::of($this->cycle->superheat, $this->usual->superheat);
        $subcooling = Level::of($this->cycle->subcooling, $this->usual->subcooling);
        $over = Level::of($this->cycle->overOutdoor(), $this->usual->overOutdoor);
        $under = $this->isCooling ? Level::of($this->cycle->underReturn(), $this->usual->underReturn) : Level::Unknown;
        $hasLiquid = $subcooling === Level::High || $subcooling === Level::Usual;

        return match (true) {
            $this->cycle->isAlike(self::ALIKE) => 'Electrical first: both sides are alike, so it does not turn or does not pump. '
                .'Its amperes; on three phase whether it turns backwards.',
            $over === Level::High && $this->fanStands => 'Electrical: head pressure is high because the condenser fan stands.',
            $under === Level::High && $this->blowerStands => 'Electrical: it boils so cold because the evaporator fan stands.',
            $superheat === Level::High && $subcooling === Level::Low => 'Refrigerant: it looks short of charge. Look for where it went.',
            $superheat === Level::High && $hasLiquid && $under === Level::High => 'Refrigerant: it looks held back before the '
                .'evaporator. Drier, valve, orifice; of an electronic valve its driver and coil first.',
            $over === Level::High && $subcooling === Level::High => 'Refrigerant: it looks like too much of it, or air in it.',
            $over === Level::High => 'Air: heat does not leave. Coil, then the condenser fan: its amperes, capacitor, way round.',
            $superheat === Level::Low && $under === Level::High => 'Air: too little of it over the evaporator. Filter, ice, then '
                .'the blower: capacitor, speed tap, belt.',
            $under === Level::Low && $over === Level::Low => 'It hardly pumps. Valves, an unloader left open (its coil is '
                .'electrical), or it turns backwards.',
            default => '',
        };
    }
}
