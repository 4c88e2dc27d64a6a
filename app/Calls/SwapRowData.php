<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Checks\Replacement\SwapRow;

/** One thing of a part that must match. */
final readonly class SwapRowData extends Data
{
    /**
     * @param  string  $was  as its plate has it; nothing where the circuit does not say
     * @param  list<string>  $units  that a number may be typed in, the usual one first
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

    public static function of(SwapRow $row): self
    {
        $isNumber = $row->is->choices === [];

        return new self($row->name, $row->label, $row->was, $isNumber ? $row->is->dimension->symbols() : [], $row->is->choices);
    }
}
