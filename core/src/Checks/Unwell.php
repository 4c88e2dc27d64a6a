<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Operation\Settled;

/** What no unit shows with nothing wrong: its file has a plate, a wire or a supply that does not fit. */
final readonly class Unwell
{
    private const SIGNS = ['hums', 'buzzes', 'runs backwards'];

    public const REMEDY = 'Look at its plate, its wires and what feeds it.';

    private function __construct(public string $part, private string $seen)
    {
    }

    /** @return list<self> */
    public static function in(Settled $healthy): array
    {
        $found = [];
        foreach (array_keys($healthy->model->circuit->parts) as $id) {
            $seen = in_array($id, $healthy->chattering, true) ? 'never comes to rest' : $healthy->observed((string) $id);
            if ($seen === 'never comes to rest' || in_array($seen, self::SIGNS, true)) {
                $found[] = new self((string) $id, $seen);
            }
        }

        return $found;
    }

    public function what(): string
    {
        return ucfirst("it $this->seen with nothing wrong.");
    }
}
