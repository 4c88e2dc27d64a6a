<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Checks\Replacement\SwapRow;
use Levin\Core\Units\Amount;

/** One thing of a part that must match. */
final readonly class SwapRowData extends Data
{
    /**
     * @param  string  $was  as its plate has it, in the unit that the reader prefers; nothing where the circuit does not say
     * @param  list<string>  $units  that a number may be typed in, the one that the reader prefers first
     * @param  list<string>  $choices  of what is no number; the first is that it is not known
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $was,
        public array $units,
        public array $choices,
    ) {
    }

    /** @param  array<string, string>  $preferred  symbol by dimension */
    public static function of(SwapRow $row, array $preferred): self
    {
        if ($row->is->choices !== []) {
            return new self($row->name, $row->label, $row->was, [], $row->is->choices);
        }
        $dimension = $row->is->dimension;
        $unit = $dimension->unit($preferred[$dimension->value] ?? '') ?? $dimension->usual();

        return new self(
            $row->name,
            $row->label,
            $row->was === '' ? '' : $unit->show((float) Amount::parse($dimension, $row->was)->value),
            [$unit->symbol, ...array_values(array_diff($dimension->symbols(), [$unit->symbol]))],
            [],
        );
    }
}
