<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\SymbolShape;

/** What is drawn in several places, and how each says where the others are: a contact its coil, a coil its contacts. */
final readonly class References
{
    /** Named one by one up to so many; of more, the first and the last. */
    private const NAMED = 3;

    private const MAIN = [SymbolShape::Coil, SymbolShape::Board, SymbolShape::Motor, SymbolShape::Secondary];

    /**
     * @param  array<string, array<string, SymbolShape>>  $places  shape of a part's first symbol in each bundle, by its first row
     * @param  array<string, string>  $bundles  first row of the bundle that an edge is drawn in, by the edge's key
     */
    private function __construct(private array $places, private array $bundles)
    {
    }

    /** @param  list<Bundle>  $bundles */
    public static function among(array $bundles): self
    {
        [$places, $first] = [[], []];
        foreach ($bundles as $bundle) {
            foreach ($bundle->rows as $row) {
                foreach ($row->edges as $edge) {
                    $first[$edge->key] = $bundle->rows[0]->id;
                    if ($edge->symbol !== null) {
                        $places[$edge->id][$bundle->rows[0]->id] ??= $edge->symbol->shape;
                    }
                }
            }
        }

        return new self(array_filter($places, static fn (array $of): bool => count($of) > 1), $first);
    }

    /**
     * What is written under a symbol; empty for what is drawn in one place.
     *
     * @param  array<string, int>  $numbers  of rows, by their id; one that has none yet takes as much room as any
     */
    public function at(Edge $edge, array $numbers): string
    {
        $places = $edge->symbol === null ? [] : $this->places[$edge->id] ?? [];
        if ($places === []) {
            return '';
        }
        $main = self::main($places);
        $isRelay = $places[$main] === SymbolShape::Coil;
        $number = static fn (string $row): string => (string) ($numbers[$row] ?? '00');
        if ($this->bundles[$edge->key] !== $main) {
            return ($isRelay ? 'coil ' : 'see ').$number($main);
        }
        $others = array_map($number, array_keys(array_diff_key($places, [$main => true])));
        sort($others, SORT_NUMERIC);

        return ($isRelay ? 'contacts ' : 'see ')
            .(count($others) > self::NAMED ? "$others[0]–".$others[count($others) - 1] : implode(', ', $others));
    }

    /** @param  non-empty-array<string, SymbolShape>  $places */
    private static function main(array $places): string
    {
        foreach (self::MAIN as $shape) {
            $row = array_search($shape, $places, true);
            if ($row !== false) {
                return $row;
            }
        }

        return array_key_first($places);
    }
}
