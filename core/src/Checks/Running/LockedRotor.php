<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Running;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** What a motor draws as it starts: by its code letter, or by its plate. */
final class LockedRotor extends PartCheck
{
    /** What a clamp catches of a peak, and a motor's spread, either way. [practice, no published source] */
    private const SPREAD = 0.15;

    /** A start that takes longer than this is a hard one, s. [practice, no published source] */
    private const HARD = 1.5;

    /** And one that takes this long is none. [practice, no published source] */
    private const NONE = 6.0;

    private const WATTS = 745.69987;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'locked-rotor',
            title: 'Starting current',
            how: 'Inrush on the clamp, held before it is switched on; and how long it '
                .'stays up. From plate: LRA, or code letter, power and volts.',
            mistake: 'An ordinary clamp shows what is left a second later; it takes an inrush function.',
            caution: 'Three tries at most, then let it cool. Stand aside of the cover when it is switched on.',
            leavesOut: 'Soft starters and drives, which draw little by design.',
            words: ['locked rotor', 'lra', 'inrush', 'start', 'hard start', 'code letter', 'kva', 'trips', 'breaker', 'hums', 'stalls'],
            entries: [
                Entry::maybe('lra', 'LRA, on the plate', Dimension::Current),
                Entry::choice('letter', 'code letter', ['none', ...array_column(CodeLetter::cases(), 'value')]),
                Entry::maybe('power', 'power, on the plate', Dimension::Power),
                Entry::maybe('volts', 'volts, on the plate', Dimension::Voltage),
                Entry::choice('phases', 'phases', ['three', 'one']),
                Entry::maybe('read', 'inrush, read', Dimension::Current, true),
                Entry::maybe('seconds', 'until it came down', Dimension::Duration, true),
            ],
            row: Row::of('supply', PieceShape::Winding, 'clamp, as it starts', 'motor', 'read'),
        );
    }

    /** Amperes at so many kVA for each horsepower: kVA · hp · 1000 / (√3 · V) on three phases, else over V [NEC 430.7(B)]. */
    public static function amps(float $kva, float $watts, float $volts, bool $isThreePhase): float
    {
        return $kva * 1000 * ($watts / self::WATTS) / ($volts * ($isThreePhase ? sqrt(3) : 1.0));
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        return Judgement::ofAll(
            [...$this->current($given), ...$this->time($given)],
            'Starts well',
            then: 'Running current next, with the panels on.',
            bad: 'Volts at its terminals while it tries; then start gear and capacitor; then pressures left over; the rotor last.',
            else: 'Give its LRA, or its code letter with power and volts; and what was read.',
        );
    }

    /** @return list<Finding> */
    private function current(Given $given): array
    {
        $due = $this->due($given);
        $read = $given->maybe('read');
        if ($due === null) {
            return $read === null ? [] : [new Finding(Verdict::CannotSay, 'What it should draw is not known.', [
                new Figure('inrush', Dimension::Current, $read),
            ])];
        }
        [$least, $most] = $due;
        $limit = new Limit(
            'LRA of the plate; else kVA for each horsepower by its code letter.',
            $given->has('lra') ? Source::plate() : Source::published('NEC table 430.7(B)'),
        );
        $figures = [new Figure('at the least', Dimension::Current, $least), new Figure('at the most', Dimension::Current, $most)];
        if ($read === null) {
            return [new Finding(Verdict::CannotSay, 'So much it should draw as it starts; nothing was read.', $figures, $limit)];
        }
        $figures[] = new Figure('inrush', Dimension::Current, $read);

        return [match (true) {
            $read > (1 + self::SPREAD) * $most => new Finding(
                Verdict::Bad,
                'More than a locked rotor draws: shorted turns.',
                $figures,
                $limit,
            ),
            $read < (1 - self::SPREAD) * $least => new Finding(
                Verdict::Watch,
                'Less than a locked rotor draws: low volts, or the meter missed the peak.',
                $figures,
                $limit,
            ),
            default => new Finding(Verdict::Good, 'As a locked rotor draws.', $figures, $limit),
        }];
    }

    /** @return array{float, float}|null amperes at the least and at the most */
    private function due(Given $given): ?array
    {
        $lra = $given->maybe('lra');
        $letter = CodeLetter::tryFrom($given->word('letter'));
        [$power, $volts] = [$given->maybe('power'), $given->maybe('volts')];
        $amps = fn (float $kva): float => self::amps($kva, (float) $power, (float) $volts, $given->word('phases') === 'three');

        return match (true) {
            $lra !== null => [$lra, $lra],
            $letter === null || $power === null || $volts === null => null,
            default => array_map($amps, $letter->kva()),
        };
    }

    /** @return list<Finding> */
    private function time(Given $given): array
    {
        $seconds = $given->maybe('seconds');
        if ($seconds === null) {
            return [];
        }
        $figures = [new Figure('until it came down', Dimension::Duration, $seconds)];
        $limit = new Limit('Up to speed in a second or so; not up in six it is locked.', Source::practice());

        return [match (true) {
            $seconds >= self::NONE => new Finding(Verdict::Bad, 'It does not come up.', $figures, $limit),
            $seconds > self::HARD => new Finding(Verdict::Watch, 'A hard start.', $figures, $limit),
            default => new Finding(Verdict::Good, 'It comes up in time.', $figures, $limit),
        }];
    }
}
