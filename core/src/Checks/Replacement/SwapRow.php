<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\Entry;

/** One thing of a part that must match. */
final readonly class SwapRow
{
    /**
     * @param  string  $name  of the comparison
     * @param  string  $was  as its plate has it, as it is typed; nothing where the circuit does not say
     * @param  Entry  $is  what is to be typed of the new one
     */
    public function __construct(public string $name, public string $label, public string $was, public Entry $is)
    {
    }
}
