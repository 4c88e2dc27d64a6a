<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Part;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;
use Levin\Core\Units\Dimension;

/** What was read of one part by itself, as it is typed for a check. */
final readonly class Taken
{
    /** @param  array<string, string>  $given  by the name of the check's entry */
    public function __construct(public Part $part, public string $check, public array $given)
    {
    }

    /** A reading as it is typed for a check. */
    public static function read(Event $reading): string
    {
        $value = $reading->number('value');

        return $value === null ? 'OL' : self::amount(MeterFunction::from($reading->text('function'))->dimension(), $value);
    }

    /**
     * An amount as it is typed for a check.
     *
     * @param  float  $value  SI
     */
    public static function amount(Dimension $of, float $value): string
    {
        return sprintf('%.6F %s', $of->usual()->fromSi($value), $of->usual()->symbol);
    }
}
