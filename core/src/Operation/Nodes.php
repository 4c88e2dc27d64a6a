<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;

/** The nodes of a circuit by number: every point, and what lies inside its parts. Earth is −1. */
final class Nodes
{
    /** @var array<string, int> */
    private array $numbers;

    public function __construct(private readonly Circuit $circuit)
    {
        $this->numbers = [$circuit->earth => -1];
        foreach ($circuit->points() as $point) {
            $this->number($point);
        }
    }

    /** The number of a node, a new one when it has none yet. */
    public function number(string $name): int
    {
        return $this->numbers[$name] ??= count($this->numbers) - 1;
    }

    /** @throws UnknownName */
    public function at(string $point): int
    {
        return $this->numbers[$point] ?? throw UnknownName::point($point, $this->circuit->points());
    }

    /** @return array<string, int> by name, earth first */
    public function all(): array
    {
        return $this->numbers;
    }

    /** How many there are, earth left out. */
    public function count(): int
    {
        return count($this->numbers) - 1;
    }
}
