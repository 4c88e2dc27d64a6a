<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;

/** What a healthy unit reads, or why the function must not be used there. */
final readonly class ExpectedData extends Data
{
    /**
     * @param  float|null  $value  SI; null for OL
     * @param  string  $display  as a technician says it; empty when refused
     * @param  string  $enters  what one types who reads the same
     */
    private function __construct(public ?float $value, public string $display, public string $enters, public ?string $refused)
    {
    }

    public static function of(MeterReading $reading, MeterFunction $function): self
    {
        if (! $reading->valid) {
            return self::refused($reading->warnings[0]);
        }
        $said = $reading->value === null ? $reading->display() : Display::said($function, $reading->value);

        return new self($reading->value, $said, Display::typed($function, $reading->value), null);
    }

    public static function notProvedDead(): self
    {
        return self::refused('Not proved dead. Switch off, lock out and prove dead before a dead test.');
    }

    private static function refused(string $why): self
    {
        return new self(null, '', '', $why);
    }
}
