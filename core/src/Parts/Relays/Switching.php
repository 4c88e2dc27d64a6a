<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

/** What has a coil, or a heater, that moves contacts. */
interface Switching
{
    /** @return array{0: string, 1: string} the terminals of its coil or heater */
    public function coil(): array;

    /** @return list<Contact> those that are wired */
    public function wiredContacts(): array;
}
