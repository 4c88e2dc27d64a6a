<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Meter\MeterReading;

/** What a healthy unit reads, or why the function must not be used there. */
final readonly class ExpectedData extends Data
{
    /**
     * @param  float|null  $value  SI; null for OL
     * @param  string  $display  as the meter shows it; empty when refused
     */
    private function __construct(public ?float $value, public string $display, public ?string $refused)
    {
    }

    public static function of(MeterReading $reading): self
    {
        return $reading->valid ? new self($reading->value, $reading->display(), null) : self::refused($reading->warnings[0]);
    }

    public static function notProvedDead(): self
    {
        return self::refused('Not proved dead. Switch off, lock out and prove dead before a dead test.');
    }

    private static function refused(string $why): self
    {
        return new self(null, '', $why);
    }
}
