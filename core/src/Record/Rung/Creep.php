<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\Event;

/** What became of a current that was read several times: steady, or creeping up to a trip. */
final readonly class Creep
{
    /** Share of the first reading; a motor warms up by that much. [practice, no published source] */
    private const STEADY = 0.05;

    /** Of two readings in a row, what a meter and a supply sway by. [practice, no published source] */
    private const SWAY = 0.02;

    /** @param  float  $minutes  from the first to the last */
    private function __construct(public float $from, public float $to, public float $minutes, public bool $isCreeping)
    {
    }

    /**
     * @param  list<Event>  $readings  of one current, in order
     * @return self|null  null where it was not read twice with some time between
     */
    public static function of(array $readings): ?self
    {
        $timed = array_values(array_filter($readings, static fn (Event $e): bool => $e->at !== null && $e->number('value') !== null));
        $first = $timed[0] ?? null;
        $last = $timed[count($timed) - 1] ?? null;
        if ($first === null || $last === null || $last->at <= $first->at) {
            return null;
        }
        [$from, $to] = [(float) $first->number('value'), (float) $last->number('value')];
        $before = (float) $timed[count($timed) - 2]->number('value');
        $isCreeping = $to > $from * (1 + self::STEADY) && $to > $before * (1 + self::SWAY);

        return new self($from, $to, ($last->at - $first->at) / 60, $isCreeping);
    }

    public function words(): string
    {
        $span = sprintf('%.2f to %.2f A in %d min', $this->from, $this->to, max(1, (int) round($this->minutes)));

        return $this->isCreeping ? "It creeps up: $span. Stay with it, it may trip." : "Steady: $span.";
    }
}
