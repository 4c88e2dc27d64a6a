<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

/** How one contact of a rung stands. */
final readonly class RungContact
{
    /**
     * @param  list<string>  $open  what is still to do, as orders
     * @param  string|null  $waived  why it is jumpered; null where no jumper is on it
     */
    public function __construct(public Contact $contact, public array $open, public ?string $waived)
    {
    }

    /** Whether it is closed by itself: then a jumper on it carries nothing. */
    public function isClosed(): bool
    {
        return $this->open === [];
    }

    public function passes(): bool
    {
        return $this->isClosed() || $this->waived !== null;
    }
}
