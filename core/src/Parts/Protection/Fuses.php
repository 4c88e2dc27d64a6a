<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Warming;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;

/**
 * How fuses melt: at once on a short, and on an overload as the element warms as a first-order body.
 *
 * Time-delay: melts at 1.15 times the rating in the end, lag 200 s: 135 % in 4.3 minutes (UL 248 allows an hour up to 60 A), 200 %
 * in 81 s (UL 248: four minutes up to 30 A, six up to 60 A), 500 % in 10.9 s (UL 248: it must carry that ten seconds). Fast, as a
 * blade or glass fuse on a board: lag 2 s: 135 % in 2.6 s, 200 % in 0.8 s, 350 % in 0.23 s (inside the bands of ISO 8820-3).
 * Limits from memory.
 */
abstract class Fuses extends Kind
{
    private const HOLDS = 1.15;

    private const LAG = ['time-delay' => 200.0, 'fast' => 2.0];

    /** @return list<Field> */
    protected static function fuseFields(): array
    {
        return [
            Field::number('amps', 'A', 'rating', 0.1, 600),
            Field::number('melts_at', '×', 'multiple of the rating at which it melts at once', 2, 30, 8),
            Field::choice('curve', 'how it melts on an overload', ['time-delay', 'fast']),
        ];
    }

    protected function meltsAtOnce(float $amps): bool
    {
        return $amps > $this->part->number('amps') * $this->part->number('melts_at');
    }

    protected function melting(float $amps, string $next): Drift
    {
        return new Warming(
            ($amps / ($this->part->number('amps') * self::HOLDS)) ** 2,
            self::LAG[$this->part->text('curve')],
            $next,
            startsOver: true,
        );
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }
}
