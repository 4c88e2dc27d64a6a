<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Air;

use Levin\Core\Checks\Bench\BadGiven;

/** What a blower moves against so much static pressure, as its maker's table has it for one speed: straight from one row to the next. */
final readonly class BlowerTable
{
    /**
     * @param  list<float>  $statics  Pa, rising
     * @param  list<float>  $flows  m³/s, falling, as many
     */
    private function __construct(private array $statics, private array $flows)
    {
    }

    /**
     * @param  list<float>  $statics  Pa
     * @param  list<float>  $flows  m³/s
     *
     * @throws BadGiven for rows that do not go in pairs, or in no order
     */
    public static function of(array $statics, array $flows): self
    {
        if (count($statics) !== count($flows)) {
            throw BadGiven::cannotBe('The table has another number of pressures than of flows: they go in pairs.', 'table_flow');
        }
        foreach (array_slice($statics, 1) as $n => $static) {
            if ($static <= $statics[$n] || $flows[$n + 1] >= $flows[$n]) {
                throw BadGiven::cannotBe('A blower moves less against more: give the table from its lowest pressure on.', 'table_static');
            }
        }

        return new self($statics, $flows);
    }

    /** m³/s; null outside of the table, where nobody knows. */
    public function flow(float $static): ?float
    {
        foreach (array_slice($this->statics, 1) as $n => $to) {
            $from = $this->statics[$n];
            if ($static >= $from && $static <= $to) {
                return $this->flows[$n] + ($this->flows[$n + 1] - $this->flows[$n]) * ($static - $from) / ($to - $from);
            }
        }

        return null;
    }
}
