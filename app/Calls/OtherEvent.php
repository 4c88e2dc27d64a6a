<?php

declare(strict_types=1);

namespace App\Calls;

/** An event came under an id that another one has. Acknowledging it would lose it. */
final class OtherEvent extends \RuntimeException
{
    private function __construct(public readonly string $id)
    {
        parent::__construct('This id belongs to another event. Send it under a new one; nothing was changed.');
    }

    public static function under(string $id): self
    {
        return new self($id);
    }
}
