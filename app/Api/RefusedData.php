<?php

declare(strict_types=1);

namespace App\Api;

/** Why something was refused. */
final readonly class RefusedData extends Data
{
    /** @param  array<string, list<string>>  $errors  by field, for what was filled in wrongly */
    public function __construct(public string $message, public array $errors = [])
    {
    }
}
