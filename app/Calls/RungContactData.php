<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\Rung\Contact;
use Levin\Core\Record\Rung\RungContact;
use Levin\Core\Record\Rung\Stop;

/** One contact of a call's rung. */
final readonly class RungContactData extends Data
{
    /**
     * @param  list<string>  $open  what is still to do, as orders; none where it is closed
     * @param  string|null  $waived  why it is jumpered
     */
    private function __construct(
        public Contact $contact,
        public Stop $stop,
        public bool $closed,
        public array $open,
        public ?string $waived,
    ) {
    }

    public static function of(RungContact $contact): self
    {
        return new self($contact->contact, $contact->contact->stop(), $contact->isClosed(), $contact->open, $contact->waived);
    }
}
