<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

use Levin\Core\Drafting\Winding;
use Levin\Core\Parts\Catalogue;

/** What feeds a rung, up to the strip that it hangs on: a supply, a switch to make it dead, and for a control rung the transformer. */
final readonly class Feed
{
    /** Volts to neutral. */
    private const TO_NEUTRAL = [120.0, 277.0];

    /** Up to so many volts between two lines a supply is split-phase, above it is three-phase. */
    private const SPLIT = 300.0;

    /** Runs and leads. [practice, no published source] */
    private const RUN = ['gauge' => 12, 'length' => 15];

    private const LEAD = ['gauge' => 18, 'length' => 0.5];

    private const FEED = ['gauge' => 12, 'length' => 0.5];

    /**
     * @param  array<string, array<string, mixed>>  $parts
     * @param  array<string, array<string, mixed>>  $wires
     * @param  array{string, string}  $rails  terminals of the strip: the hot one, and the one that current goes back to
     * @param  list<array{string, string}>  $rows  of the drawing
     */
    private function __construct(public array $parts, public array $wires, public array $rails, public array $rows)
    {
    }

    /** Through a transformer to 24 V. */
    public static function control(float $line): self
    {
        $hot = self::supply($line);
        $transformer = Catalogue::definition('transformer') ?? throw new \LogicException('There is no transformer.');
        [$one, $other] = $hot->rails;

        return new self(
            [...$hot->parts, 'T1' => [
                'kind' => 'transformer',
                'label' => 'Control transformer',
                'place' => Spot::Unit->value,
                'plate' => Winding::plate($transformer, $line),
            ]],
            [
                ...$hot->wires,
                'w5' => ['from' => $one, 'to' => 'T1.H1', 'colour' => 'black', ...self::LEAD],
                'w6' => ['from' => $other, 'to' => 'T1.H2', 'colour' => self::back($line), ...self::LEAD],
                'w7' => ['from' => 'T1.X1', 'to' => 'TB.R', 'colour' => 'red', ...self::LEAD],
                'w8' => ['from' => 'T1.X2', 'to' => 'TB.C', 'colour' => 'blue', ...self::LEAD],
            ],
            ['R', 'C'],
            [...$hot->rows, [$one, 'T1.H1'], [$other, 'T1.H2']],
        );
    }

    /** Line voltage itself. */
    public static function line(float $volts): self
    {
        $hot = self::supply($volts);
        [$one, $other] = $hot->rails;
        $back = self::isToNeutral($volts) ? 'N' : 'L2';

        return new self(
            $hot->parts,
            [
                ...$hot->wires,
                'w5' => ['from' => $one, 'to' => 'TB.L1', 'colour' => 'black', ...self::FEED],
                'w6' => ['from' => $other, 'to' => "TB.$back", 'colour' => self::back($volts), ...self::FEED],
            ],
            ['L1', $back],
            [...$hot->rows, [$one, 'TB.L1'], [$other, "TB.$back"]],
        );
    }

    /** A supply and the switch behind it; its rails are points. */
    private static function supply(float $volts): self
    {
        [$kind, $legs, $switch] = match (true) {
            self::isToNeutral($volts) => ['supply-single-phase', ['L', 'N'], 'switch-1p'],
            $volts <= self::SPLIT => ['supply-split-phase', ['L1', 'L2'], 'disconnect'],
            default => ['supply-wye', ['L1', 'L2'], 'disconnect'],
        };
        $parts = [
            'SUP' => ['kind' => $kind, 'label' => 'Supply', 'place' => Spot::Disconnect->value, 'plate' => ['volts' => $volts]],
            'SW' => ['kind' => $switch, 'label' => 'Disconnect', 'place' => Spot::Disconnect->value, 'plate' => ['closed_by' => 'power']],
        ];
        $wires = ['w1' => ['from' => "SUP.$legs[0]", 'to' => 'SW.L1', 'colour' => 'black', ...self::RUN]];
        $rows = [["SUP.$legs[0]", 'SW.L1']];
        if ($switch === 'switch-1p') {
            return new self($parts, $wires, ['SW.T1', 'SUP.N'], $rows);
        }

        return new self(
            $parts,
            [...$wires, 'w2' => ['from' => "SUP.$legs[1]", 'to' => 'SW.L2', 'colour' => self::back($volts), ...self::RUN]],
            ['SW.T1', 'SW.T2'],
            [...$rows, ["SUP.$legs[1]", 'SW.L2']],
        );
    }

    private static function isToNeutral(float $volts): bool
    {
        return in_array($volts, self::TO_NEUTRAL, true);
    }

    private static function back(float $volts): string
    {
        return self::isToNeutral($volts) ? 'white' : 'red';
    }
}
