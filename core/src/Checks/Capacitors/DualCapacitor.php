<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Piece;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Post;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\Spec;
use Levin\Core\Units\Dimension;

/** Both sections of a dual run capacitor at once, which must fit together as well. */
final class DualCapacitor extends RunCapacitorCheck
{
    private const SECTIONS = ['herm' => 'HERM', 'fan' => 'FAN'];

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'dual-capacitor',
            title: 'Dual capacitor',
            how: 'Off, discharged, its wires off. Microfarads from C to HERM, from C to FAN, and from HERM to FAN.',
            mistake: 'C taken for one of the others: two readings then are of both sections in a row, and look weak.',
            caution: self::CAUTION,
            leavesOut: self::LEAVES_OUT,
            words: ['capacitor', 'dual', 'herm', 'fan', 'microfarads', 'µf', 'mfd', 'hums', 'weak', '45/5', '40/5', 'two singles'],
            entries: [
                Entry::number('herm', 'HERM, marked', Dimension::Capacitance),
                Entry::number('fan', 'FAN, marked', Dimension::Capacitance),
                Entry::maybe('c_herm', 'C – HERM', Dimension::Capacitance, true),
                Entry::maybe('c_fan', 'C – FAN', Dimension::Capacitance, true),
                Entry::maybe('herm_fan', 'HERM – FAN', Dimension::Capacitance, true),
                ...$this->furtherEntries(),
            ],
            row: new Row(
                [new Post('HERM'), new Post('C'), new Post('FAN')],
                [new Piece(PieceShape::Capacitor, '', 'c_herm'), new Piece(PieceShape::Capacitor, '', 'c_fan')],
                'HERM – FAN',
                'herm_fan',
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        if ($given->number('herm') <= $given->number('fan')) {
            throw BadGiven::cannotBe('The compressor\'s section, HERM, is the larger one: the two marks are swapped.', 'fan');
        }
        $tolerance = $this->tolerance($given);
        $findings = [...Looks::of($given->word('looks')), ...self::swapped($given)];
        if ($findings === []) {
            foreach (self::SECTIONS as $section => $terminal) {
                array_push($findings, ...$this->section($given, $section, $terminal, $tolerance));
            }
            array_push($findings, ...self::inARow($given));
        }

        return Judgement::ofAll(
            $findings,
            'Both sections good',
            then: 'On to the motors: their windings, and their current with the panel on.',
            bad: 'A dual one of the same marks, or two singles beside each other with their C terminals joined; voltage no lower.',
            else: 'Clean the terminals, zero the meter\'s leads, and read all three again.',
        );
    }

    /** @return list<Finding> */
    private function section(Given $given, string $section, string $terminal, Tolerance $tolerance): array
    {
        if (! $given->has("c_$section")) {
            return [];
        }
        [$marked, $read] = [$given->number($section), $given->maybe("c_$section")];
        $verdict = $tolerance->verdict($read, $marked, self::error($read));
        $words = match ($verdict) {
            Verdict::Good => "$terminal is good.",
            Verdict::Watch => "$terminal is at its limit.",
            Verdict::CannotSay => "$terminal is so far off that the meter, its unit or its range is asked first.",
            Verdict::Bad => $read === null
                ? "$terminal is open, or over the range."
                : sprintf('%s has %.0f %% of its mark.', $terminal, 100 * $read / $marked),
        };
        $truck = $given->readings('truck');
        $instead = $verdict === Verdict::Bad && $truck !== []
            ? ' For a single in its place: '.lcfirst(Replacement::of($marked, $truck, $tolerance))
            : '';

        return [new Finding(
            $verdict,
            $words.$instead,
            [
                new Figure("$terminal, marked", Dimension::Capacitance, $marked),
                new Figure("$terminal, read", Dimension::Capacitance, $read),
            ],
            $tolerance->limit($marked),
        )];
    }

    /** @return list<Finding> where each section reads what the other is marked */
    private static function swapped(Given $given): array
    {
        [$herm, $fan] = [$given->maybe('c_herm'), $given->maybe('c_fan')];
        $isSo = $herm !== null && $fan !== null
            && Tolerance::marked()->verdict($herm, $given->number('fan'), self::error($herm)) === Verdict::Good
            && Tolerance::marked()->verdict($fan, $given->number('herm'), self::error($fan)) === Verdict::Good;

        return $isSo ? [new Finding(
            Verdict::CannotSay,
            'HERM and FAN are swapped: each reads what the other is marked. Look at its terminals, and at the wires that were on them.',
        )] : [];
    }

    /** @return list<Finding> whether both in a row have what they must have then */
    private static function inARow(Given $given): array
    {
        [$herm, $fan, $both] = [$given->maybe('c_herm'), $given->maybe('c_fan'), $given->maybe('herm_fan')];
        if ($herm === null || $fan === null || ! $given->has('herm_fan') || $herm + $fan === 0.0) {
            return [];
        }
        $due = $herm * $fan / ($herm + $fan);
        $error = self::error($due) + self::error($both) + self::error($herm) * ($due / max($herm, 1e-12)) + self::error($fan);
        $figures = [new Figure('both in a row', Dimension::Capacitance, $due), new Figure('HERM – FAN', Dimension::Capacitance, $both)];
        $limit = new Limit('In a row 1/C = 1/C₁ + 1/C₂, within what the meter may be off.', Source::physics('capacitors in series'));

        return [$both !== null && abs($both - $due) <= $error
            ? new Finding(Verdict::Good, 'The three readings fit together.', $figures, $limit)
            : new Finding(Verdict::CannotSay, 'The three readings do not fit together: one was taken elsewhere.', $figures, $limit)];
    }

    private static function error(?float $farads): float
    {
        return Spec::of(MeterFunction::Capacitance)->error($farads ?? 0.0);
    }
}
