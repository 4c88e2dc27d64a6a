<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

/** What a contact asks for before it closes. One class here is one contact's; a contact may have several. */
interface Asks
{
    public function of(): Contact;

    /** @return list<string> what is still to do, as orders; none when the contact is closed */
    public function open(Visit $visit): array;
}
