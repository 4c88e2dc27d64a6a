<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Support\Carbon;

/** A time that came in cannot be one. The message says what to do. */
final class BadMoment extends \RuntimeException
{
    private function __construct(public readonly string $field, public readonly string $given, string $message)
    {
        parent::__construct($message);
    }

    public static function form(string $field, string $given): self
    {
        return new self($field, $given, "$field must be a date and time with its zone, as ISO 8601: 2026-11-23T09:30:00Z.");
    }

    public static function window(string $field, string $given, Carbon $latest): self
    {
        return new self(
            $field,
            $given,
            "$field is $given, which lies outside the years 2000 to {$latest->year} or ahead of now. "
            .'Check the clock of the device, then send it again.',
        );
    }
}
