<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Circuit\Part;
use Levin\Core\Record\Event;

/** One load of a unit, and what was read of what it draws since the last repair. */
final readonly class Load
{
    /**
     * @param  list<string>  $wires  round which a clamp reads it, the one that carries most first
     * @param  float|null  $plate  amperes
     * @param  float|null  $expected  amperes in the first of them, of a healthy one as the unit should run
     * @param  Event|null  $before  the last reading of what it draws before something was done
     * @param  Event|null  $measured  the last since
     * @param  Event|null  $judged  what the check of the bench makes of that; null where none does
     * @param  Creep|null  $creep  what became of it since the last repair; null where it was not read again after a while
     */
    public function __construct(
        public Part $part,
        public array $wires,
        public ?float $plate,
        public ?float $expected,
        public ?Event $before,
        public ?Event $measured,
        public ?Event $judged,
        public ?Creep $creep,
    ) {
    }

    public function isFaulted(): bool
    {
        return $this->judged !== null && Kept::stored($this->judged->data)->verdict === Verdict::Bad;
    }
}
