<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Supply;

use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\Piece;
use Levin\Core\Checks\Bench\PieceShape;
use Levin\Core\Checks\Bench\Post;
use Levin\Core\Checks\Bench\Row;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** Three voltages between three legs, and to ground where they were read. */
final class ThreePhase extends PartCheck
{
    /** Of its rated volts a motor may have so much more or less (NEMA MG 1, 12.44; from memory). */
    private const RANGE = 0.1;

    /** With less than this share of the highest, two pairs that share a leg say that it is lost. [practice, no published source] */
    private const LOST = 0.9;

    #[\Override]
    public function about(): About
    {
        return new About(
            name: 'supply',
            title: 'Supply, three phase',
            how: 'Volts between the legs, under load, at the load side of the disconnect; to ground as well when one looks odd.',
            mistake: 'A motor that runs feeds a lost leg back: it reads almost right between legs. Read it with the '
                .'motor off, or to ground.',
            caution: 'Live line voltage: qualified hands, rated leads and gloves.',
            leavesOut: 'What only comes now and then: a sag on start, a loose lug that opens when it is warm. Currents tell more of those.',
            words: [
                'supply', 'three phase', 'unbalance', 'lost leg', 'single phasing', 'high leg', 'volts', '208', '230', '460', '575', 'fuse',
            ],
            entries: [
                Entry::number('l1l2', 'L1 – L2', Dimension::Voltage, true),
                Entry::number('l2l3', 'L2 – L3', Dimension::Voltage, true),
                Entry::number('l1l3', 'L1 – L3', Dimension::Voltage, true),
                Entry::maybe('rated', 'rated, on the plate', Dimension::Voltage),
                Entry::maybe('l1g', 'L1 – ground', Dimension::Voltage, true),
                Entry::maybe('l2g', 'L2 – ground', Dimension::Voltage, true),
                Entry::maybe('l3g', 'L3 – ground', Dimension::Voltage, true),
            ],
            row: new Row(
                [new Post('L1'), new Post('L2'), new Post('L3')],
                [new Piece(PieceShape::Gap, '', 'l1l2'), new Piece(PieceShape::Gap, '', 'l2l3')],
                'L1 – L3',
                'l1l3',
            ),
        );
    }

    #[\Override]
    public function judge(Given $given): Judgement
    {
        $pairs = $this->pairs($given);
        $this->refuseImpossible($pairs);
        $lost = $this->lost($pairs, $given);
        $toGround = LegsToGround::of($given->maybe('l1g'), $given->maybe('l2g'), $given->maybe('l3g'));
        $judgement = $this->judged($given, $pairs, $lost, $toGround);
        $odd = $judgement->verdict === Verdict::Bad ? $lost ?? $toGround->fedBack() : null;
        $triangle = new Triangle($given->number('l1l2'), $given->number('l2l3'), $given->number('l1l3'));

        return $judgement->pictured($triangle->phasors($odd));
    }

    /** @return array{L3: float, L1: float, L2: float} by the leg that each leaves out */
    private function pairs(Given $given): array
    {
        return ['L3' => $given->number('l1l2'), 'L1' => $given->number('l2l3'), 'L2' => $given->number('l1l3')];
    }

    /**
     * @param  array{L3: float, L1: float, L2: float}  $pairs  by the leg that each leaves out
     * @param  string|null  $lost  leg
     */
    private function judged(Given $given, array $pairs, ?string $lost, LegsToGround $toGround): Judgement
    {
        $unbalance = new Unbalance(...array_values($pairs));
        $limits = [new Limit('Above 1 % a motor is derated, above 5 % it is not run.', Source::published('NEMA MG 1, 14.36'))];
        $figures = [
            new Figure('mean', Dimension::Voltage, $unbalance->mean),
            new Figure('unbalance', Dimension::Share, $unbalance->share),
        ];
        [$high, $corner, $fedBack] = [$toGround->highLeg(), $toGround->corner($unbalance->mean), $toGround->fedBack()];
        $notes = [
            ...$high === null ? [] : ["$high is a high leg: between legs all is well, to ground it reads √3 times the others."],
            ...$corner === null ? [] : ["$corner is the grounded corner of a delta: to ground it reads nothing, and that is right."],
        ];
        if ($lost !== null) {
            return new Judgement(
                Verdict::Bad,
                "$lost is lost",
                ["Both pairs with $lost read low; the one without it does not.", ...$notes],
                $figures,
                $limits,
                "Follow $lost back: load side, line side, fuse or pole by pole, until it reads. Two good fuses say nothing of the third.",
            );
        }
        if ($fedBack !== null) {
            return new Judgement(
                Verdict::Bad,
                "$fedBack is fed back",
                ["Between legs it looks almost right; to ground $fedBack is low: a motor that runs on the two others makes it.", ...$notes],
                $figures,
                [...$limits, new Limit(
                    'Two legs that agree to ground, and one that does not: that one comes from a motor.',
                    Source::practice(),
                )],
                'Switch the motors off and read again: what is left then is what is fed.',
            );
        }
        $derating = $unbalance->derating();
        $range = $this->range($given, $unbalance->mean);
        [$verdict, $headline, $next] = match (true) {
            $unbalance->mean === 0.0 => [Verdict::Bad, 'No supply', 'Go back to the breaker or the fuses before it.'],
            $derating === null => [
                Verdict::Bad,
                'Too uneven to run on',
                'Leave it off, and find out whether it comes so from the utility.',
            ],
            $range === Verdict::Bad => [
                Verdict::Bad,
                $unbalance->mean < $given->number('rated') ? 'Too low' : 'Too high',
                'Read it at the service as well: a drop on the way, or the utility, or another tap on a transformer.',
            ],
            $unbalance->share > Unbalance::DERATE => [
                Verdict::Watch,
                'Uneven',
                'Read the currents, then roll the leads: what stays with the legs comes from the supply.',
            ],
            default => [Verdict::Good, 'Supply good', 'On to the currents, leg by leg.'],
        };

        return new Judgement(
            $verdict,
            $headline,
            [
                sprintf('Unbalance %.2f %%.', 100 * $unbalance->share),
                ...$derating !== null && $derating < 1.0 ? [sprintf('A motor gives %.0f %% of its power on it.', 100 * $derating)] : [],
                ...$notes,
            ],
            $figures,
            [
                ...$limits,
                ...$range === null ? [] : [new Limit('Within 10 % of the volts on the plate.', Source::published('NEMA MG 1, 12.44'))],
            ],
            $next,
        );
    }

    /**
     * Three volts between three legs close: none can be more than the two others together.
     *
     * @param  array{L3: float, L1: float, L2: float}  $pairs
     *
     * @throws BadGiven
     */
    private function refuseImpossible(array $pairs): void
    {
        $most = max($pairs);
        if ($most > 1.05 * (array_sum($pairs) - $most)) {
            throw BadGiven::cannotBe('One of these is more than the two others together, which three legs cannot have: read them again.');
        }
    }

    /**
     * The leg that both low pairs share.
     *
     * @param  array{L3: float, L1: float, L2: float}  $pairs  by the leg that each leaves out
     */
    private function lost(array $pairs, Given $given): ?string
    {
        arsort($pairs);
        [$leg] = array_keys($pairs);
        [$most, $second] = array_values($pairs);
        $isGood = $most > 0.0 && ($given->maybe('rated') === null || $most > (1 - self::RANGE) * $given->number('rated'));

        return $isGood && $second < self::LOST * $most ? $leg : null;
    }

    private function range(Given $given, float $mean): ?Verdict
    {
        $rated = $given->maybe('rated');

        return match (true) {
            $rated === null => null,
            abs($mean - $rated) > self::RANGE * $rated => Verdict::Bad,
            default => Verdict::Good,
        };
    }
}
