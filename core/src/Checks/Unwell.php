<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Operation\Settled;

/** What no unit shows with nothing wrong: its file has a plate, a wire or a supply that does not fit. */
final readonly class Unwell
{
    private const SIGNS = ['hums', 'buzzes', 'runs backwards'];

    private function __construct(private string $part, private string $seen, private ?int $line)
    {
    }

    /** @return list<self> */
    public static function in(Settled $healthy): array
    {
        $found = [];
        foreach ($healthy->model->circuit->parts as $id => $part) {
            $seen = in_array($id, $healthy->chattering, true) ? 'never comes to rest' : $healthy->observed((string) $id);
            if ($seen === 'never comes to rest' || in_array($seen, self::SIGNS, true)) {
                $found[] = new self((string) $id, $seen, $part->line);
            }
        }

        return $found;
    }

    public function words(): string
    {
        return sprintf(
            '%s%s %s with nothing wrong. Look at its plate, its wires and what feeds it.',
            $this->line === null ? '' : "line $this->line: ",
            $this->part,
            $this->seen,
        );
    }
}
