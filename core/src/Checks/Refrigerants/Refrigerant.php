<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Units\Dimension;

/**
 * Pressure by temperature where liquid and vapour are together. One class in this folder is one refrigerant; adding a file adds it.
 *
 * Bubble and dew points apart: a blend boils over a span of temperatures. Superheat counts from the dew point, subcooling from the bubble
 * point (ASHRAE Fundamentals, from memory).
 */
abstract class Refrigerant
{
    /** @var string as it is printed on a plate */
    protected const NAME = '';

    /** @var string the equation that its table was worked out by */
    protected const FROM = '';

    /** @var float its table is right within this share of the absolute pressure */
    protected const WITHIN = 0.0;

    /** Whether it can be set alight: class A2L, or A3. */
    /** @var non-empty-array<int, float> kPa absolute by °C, rising */
    protected const BUBBLE = [0 => 0.0];

    /** @var non-empty-array<int, float> kPa absolute by °C, rising */
    protected const DEW = [0 => 0.0];

    /** @var array<string, self> */
    private static array $all = [];

    public readonly string $name;

    public readonly SaturationCurve $bubble;

    public readonly SaturationCurve $dew;

    final public function __construct()
    {
        $this->name = static::NAME;
        $this->bubble = new SaturationCurve(static::BUBBLE);
        $this->dew = new SaturationCurve(static::DEW);
    }

    /** @return non-empty-array<string, self> by name, in order */
    public static function all(): array
    {
        $all = self::$all;
        foreach ($all === [] ? glob(__DIR__.'/R*.php') ?: [] : [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            if (is_subclass_of($class, self::class)) {
                $refrigerant = new $class;
                $all[$refrigerant->name] = $refrigerant;
            }
        }
        ksort($all, SORT_NATURAL);

        return self::$all = $all ?: throw new \LogicException('There are no refrigerants.');
    }

    public static function named(string $name): self
    {
        return self::all()[$name] ?? throw new \LogicException("There is no refrigerant \"$name\".");
    }

    /** Whether it boils at one temperature, not over a span. */
    public function isPure(): bool
    {
        return static::BUBBLE === static::DEW;
    }

    public function from(): string
    {
        return sprintf('%s, within %g %%', static::FROM, 100 * static::WITHIN);
    }

    /** Of a gauge or thermometer that its table does not reach. */
    public function beyond(string $entry): BadGiven
    {
        $span = $this->bubble->temperatures;

        return BadGiven::cannotBe(sprintf(
            'That is beyond the table of %s, which goes from %.0f to %.0f °C (%.0f to %.0f °F): read it again, and see what its plate '
                .'says.',
            $this->name,
            $span->from,
            $span->to,
            Dimension::Temperature->usual()->fromSi($span->from),
            Dimension::Temperature->usual()->fromSi($span->to),
        ), $entry);
    }
}
