<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\FlameCurrent;
use Levin\Core\Diagnosis\InSeries;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Peak;
use Levin\Core\Diagnosis\PilotVolts;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Test;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Meter\MeterFunction;

/**
 * The moment of an observation or a reading: `moment` in its data. Nothing is whenever one was there; a number is seconds after power and
 * call came on.
 */
final readonly class WhenSeen
{
    /** Seconds after it came on that are meant by at once. [practice, no published source] */
    private const AT_ONCE = 5.0;

    public const AS_IT_STARTS = 'as it starts';

    public const COMES_AND_GOES = 'comes and goes';

    public const AT_ONCE_WORDS = 'at once';

    /** Longer ago than a day nobody says in seconds. */
    private const MOST = 86400.0;

    private function __construct(private string|float|null $moment)
    {
    }

    /** @throws Refusal */
    public static function of(mixed $moment): self
    {
        $isSeconds = (is_int($moment) || is_float($moment)) && $moment >= 0.0 && $moment <= self::MOST;

        return match (true) {
            $moment === null => new self(null),
            $isSeconds => new self((float) $moment),
            in_array($moment, [self::AS_IT_STARTS, self::COMES_AND_GOES, self::AT_ONCE_WORDS], true) => new self($moment),
            default => throw Refusal::badMoment([self::AT_ONCE_WORDS, self::AS_IT_STARTS, self::COMES_AND_GOES]),
        };
    }

    /** Whether more than one thing can have been seen. */
    public function isAWhile(): bool
    {
        return $this->moment === self::AS_IT_STARTS || $this->moment === self::COMES_AND_GOES;
    }

    /** @return array<string, string|float> as it goes into an event's data */
    public function data(): array
    {
        return $this->moment === null ? [] : ['moment' => $this->moment];
    }

    /**
     * @param  float|null  $since  seconds since it was switched on, when that is in the log and not long ago
     * @return non-empty-list<Evidence>
     */
    public function seen(string $part, string $seen, Conditions $conditions, ?float $since = null): array
    {
        return match ($this->moment) {
            self::AS_IT_STARTS => [new Evidence(new Watch($part), $seen, new Occasion($conditions, 0.0))],
            // each of them was so at some time
            self::COMES_AND_GOES => array_map(
                static fn (string $one): Evidence => new Evidence(new Look($part), $one, new Occasion($conditions)),
                explode(', ', $seen),
            ),
            default => [new Evidence(new Look($part), $seen, $this->occasion($conditions, $since))],
        };
    }

    /** @param  float|null  $since  seconds since it was switched on, when that is in the log and not long ago */
    public function read(
        MeterFunction $function,
        string $red,
        string $black,
        ?float $value,
        Conditions $conditions,
        ?float $since = null,
    ): Evidence {
        if ($this->moment !== self::AS_IT_STARTS) {
            return $this->made(new Probe($function, $red, $black), $value, $conditions, $since);
        }
        $most = $function === MeterFunction::VoltsDc ? new PilotVolts($red, $black) : new Peak($red, $black);

        return new Evidence($most, $value, new Occasion($conditions, 0.0));
    }

    /**
     * Microamperes in series with a wire.
     *
     * @param  float|null  $since  seconds since it was switched on, when that is in the log and not long ago
     */
    public function readInSeries(string $wire, ?float $value, Conditions $conditions, ?float $since = null): Evidence
    {
        return $this->moment === self::AS_IT_STARTS
            ? new Evidence(new FlameCurrent($wire), $value, new Occasion($conditions, 0.0))
            : $this->made(new InSeries($wire), $value, $conditions, $since);
    }

    /**
     * Any other test.
     *
     * @param  float|string|null  $shown  what was found, or a number; null for OL
     * @param  float|null  $since  seconds since it was switched on, when that is in the log and not long ago
     */
    public function made(Test $test, float|string|null $shown, Conditions $conditions, ?float $since): Evidence
    {
        return new Evidence($test, $shown, $this->occasion($conditions, $since));
    }

    private function occasion(Conditions $conditions, ?float $since): Occasion
    {
        return new Occasion($conditions, match (true) {
            $this->moment === self::AT_ONCE_WORDS => self::AT_ONCE,
            is_float($this->moment) => $this->moment,
            default => $since,
        });
    }
}
