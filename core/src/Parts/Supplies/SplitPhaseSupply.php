<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Values;

/**
 * A 120/240 V service: two legs in opposite phase about a grounded neutral. With the neutral lost before the panel what is left of it
 * is the earth between two rods, 25 Ω [practice], and 120 V loads on the two legs share 240 V in series.
 */
final class SplitPhaseSupply extends Supplies
{
    /** The neutral of the transformer, out on its pole. */
    private const POLE = '@n';

    private const NEUTRAL_OHMS = 1e-3;

    private const EARTH_OHMS = 25.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('supply-split-phase', 'Split-phase supply', ['L1', 'L2', 'N', 'G'], [
            Field::number('volts', 'V', 'line to line', 150, 300, 240),
            ...self::legFields('L1', 'L2'),
        ], bare: ['L1', 'L2', 'N', 'G']);
    }

    #[\Override]
    protected function windings(): array
    {
        $half = $this->part->number('volts') / 2;

        return [
            ['from' => 'L1', 'to' => self::POLE, 'volts' => self::phasor($half, 0), 'leg' => 'L1'],
            ['from' => self::POLE, 'to' => 'L2', 'volts' => self::phasor($half, 0), 'leg' => 'L2'],
        ];
    }

    #[\Override]
    protected function bonded(): string
    {
        return 'N';
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            ...parent::elements($state, $setting),
            Element::between(self::POLE, 'N', $setting->has('neutral-lost') ? Values::OPEN : Values::ohms(self::NEUTRAL_OHMS)),
            Element::between(self::POLE, 'G', Values::ohms(self::EARTH_OHMS)),
        ];
    }

    #[\Override]
    public function faults(): array
    {
        return [...parent::faults(), new FaultMode('neutral-lost', 'neutral lost before the panel', 0.09)];
    }
}
