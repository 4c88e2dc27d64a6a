<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** One end of a row. */
final readonly class RowEnd
{
    public function __construct(public EndKind $kind, public string $point)
    {
    }

    /** Whether its point is drawn as part of the row, with its name. */
    public function isOwn(): bool
    {
        return $this->kind === EndKind::Free;
    }

    public function asFlag(): self
    {
        return new self(EndKind::Flag, $this->point);
    }
}
