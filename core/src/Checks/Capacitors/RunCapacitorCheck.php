<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Bench\Watched;
use Levin\Core\Units\Dimension;

/** What the ways to judge a run capacitor share: its tolerance, its looks, what replaces it. */
abstract class RunCapacitorCheck extends PartCheck
{
    protected const CAUTION = 'It can be charged with the power off. Discharge it through a resistor, and prove it, before you touch it.';

    protected const LEAVES_OUT = 'A capacitor that fails only when it is hot or at full voltage; a start capacitor, '
        .'which is marked as a range.';

    /** @return list<Entry> */
    protected function furtherEntries(): array
    {
        return [
            Entry::habit('tolerance', 'tolerance', Habit::WeakCapacitor),
            Entry::choice('looks', 'how it looks', [Looks::SOUND, 'bulged', 'leaking', 'rusted through']),
            Entry::habit('motor', 'its motor', Habit::MotorOfDeadCapacitor),
            Entry::row('truck', 'on the truck', Dimension::Capacitance),
        ];
    }

    /**
     * @param  float|null  $farads  null for a meter over its range
     * @param  float  $error  farads that it may be off
     * @param  list<Figure>  $figures
     *
     * @throws BadGiven
     */
    protected function judged(Given $given, ?float $farads, float $error, array $figures, Limit ...$limits): Judgement
    {
        $marked = $given->number('marked');
        $tolerance = $this->tolerance($given);
        $byLooks = Looks::of($given->word('looks'))[0] ?? null;
        $verdict = $tolerance->verdict($farads, $marked, $error);
        $share = $farads === null ? null : $farads / $marked;
        [$headline, $finding, $next] = match (true) {
            $byLooks !== null => ['Bad by its looks', $byLooks->words, self::replaced($given)],
            $share === null => [
                'Open, or over the range', 'Nothing between its terminals that the meter could show.', self::replaced($given),
            ],
            $verdict === Verdict::CannotSay => [
                'Ask the meter first',
                sprintf('%.3g times its mark: a decimal, a unit or a range, before it is the part.', $share),
                'Look at the unit on the display, zero the leads, and read one that is known to be good.',
            ],
            $share < 0.02 => ['Shorted or empty', 'Next to nothing is left.', self::replaced($given)],
            $verdict === Verdict::Bad => [
                $share < 1 ? 'Weak' : 'Too much',
                sprintf('%.0f %% of its mark.', 100 * $share),
                self::replaced($given),
            ],
            $verdict === Verdict::Watch => [
                'At its limit',
                'As near the limit as the meter can tell.',
                'Read it again by the other way, under load or off; note it, and read it on the next visit.',
            ],
            default => [
                'Good',
                sprintf('%.0f %% of its mark.', 100 * $share),
                'On to the motor: its windings, and its current with the panel on.',
            ],
        };
        $truck = $given->readings('truck');
        $isBad = $byLooks !== null || $verdict === Verdict::Bad;

        return new Judgement(
            $byLooks === null ? $verdict : Verdict::Bad,
            $headline,
            [$finding, ...$isBad && $truck !== [] ? [Replacement::of($marked, $truck, $tolerance)] : []],
            [new Figure('marked', Dimension::Capacitance, $marked), ...$figures, new Figure('of its mark', Dimension::Share, $share)],
            [
                $tolerance->limit($marked),
                ...array_values($limits),
                ...$byLooks?->limit === null ? [] : [$byLooks->limit],
            ],
            $next,
            Row::of('C', PieceShape::Capacitor, implode(', ', [
                Dimension::Capacitance->usual()->show($marked).' marked',
                (new Figure('', Dimension::Capacitance, $farads))->shown().' read',
            ]), 'HERM or FAN'),
        );
    }

    private static function replaced(Given $given): string
    {
        return $given->word('motor') === Habit::BOTH
            ? 'Replace it and its motor, which has run hot on it: the shop replaces both.'
            : 'Replace it, then prove the motor by its current and its temperature: it may have run hot on it. '
                .'Both, where it ran long so or reads over its plate.';
    }

    protected function tolerance(Given $given): Tolerance
    {
        return match ($given->word('tolerance')) {
            Habit::WITHIN_5 => Tolerance::marked(0.05),
            Habit::WITHIN_10 => Tolerance::marked(0.1),
            Habit::TEN_OFF => Tolerance::flat(),
            default => Tolerance::marked(),
        };
    }

    /** Where the probes go, or the clamp and the probes. */
    protected function row(string $entry): Row
    {
        return Row::of('C', PieceShape::Capacitor, 'one section', 'HERM or FAN', $entry);
    }

    /** It fades slowly: what is lost from one visit to the next will be lost again. */
    protected function watched(): Watched
    {
        return Watched::falling('of its mark', 0.97, Source::practice());
    }
}
