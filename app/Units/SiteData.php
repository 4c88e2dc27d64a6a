<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Data;

/** Where a unit stands, and whom to ask there. */
final readonly class SiteData extends Data
{
    private function __construct(public int $id, public string $name, public string $address, public string $contact, public string $phone)
    {
    }

    public static function of(Site $site): self
    {
        return new self($site->id, $site->name, $site->address, $site->contact, $site->phone);
    }
}
