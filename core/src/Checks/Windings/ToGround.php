<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Windings;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** What an ohmmeter finds between windings and bare metal: the one rule, whatever the windings. */
final readonly class ToGround
{
    /** Anything under this is a ground, ohms. [practice, no published source] */
    private const GROUND = 1e6;

    public function __construct(private Given $given)
    {
    }

    /** The judgement of the windings, with this where it was read. */
    public function with(Judgement $windings): Judgement
    {
        if (! $this->given->has('ground')) {
            return $windings;
        }
        $ohms = $this->given->maybe('ground');
        $limit = new Limit('Nothing from any lead to bare metal. An ohmmeter finds only a dead ground.', Source::practice());
        [$verdict, $finding] = match (true) {
            $ohms === null => [Verdict::Good, 'Nothing to ground, as far as an ohmmeter finds it.'],
            $ohms < self::GROUND => [Verdict::Bad, 'It is grounded.'],
            default => [Verdict::Watch, 'It leaks to ground: test the insulation with its own voltage.'],
        };
        $isWorse = $windings->verdict->and($verdict) !== $windings->verdict;

        return new Judgement(
            $windings->verdict->and($verdict),
            $isWorse ? rtrim($finding, '.') : $windings->headline,
            $isWorse ? [$finding, ...$windings->findings] : [...$windings->findings, $finding],
            [...$windings->figures, new Figure('to bare metal', Dimension::Resistance, $ohms)],
            [...$windings->limits, $limit],
            $isWorse && $verdict === Verdict::Bad ? 'Leave it off. It is to be replaced; find what burnt it first.' : $windings->next,
            $windings->row,
        );
    }
}
