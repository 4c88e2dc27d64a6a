<?php

declare(strict_types=1);

namespace App\Calls;

use Carbon\Exceptions\InvalidFormatException;
use Illuminate\Support\Carbon;

/** Times as they come in: ISO 8601 with zone, and within reason. A time out of it would make a record unreadable for ever. */
final class Moment
{
    private const FORM = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:?\d{2})$/';

    /** Nothing that Levin keeps happened before. */
    private const EARLIEST = '2000-01-01T00:00:00Z';

    /** A client's clock may be ahead by so much, hours. */
    private const AHEAD = 24;

    /** A call may be planned so far ahead, years. */
    private const PLANNED = 5;

    /**
     * When something happened.
     *
     * @throws BadMoment
     */
    public static function past(string $field, string $text): Carbon
    {
        return self::within($field, $text, now()->addHours(self::AHEAD));
    }

    /**
     * When something is to happen, or did.
     *
     * @throws BadMoment
     */
    public static function planned(string $field, string $text): Carbon
    {
        return self::within($field, $text, now()->addYears(self::PLANNED));
    }

    private static function within(string $field, string $text, Carbon $latest): Carbon
    {
        if (strlen($text) > 40 || preg_match(self::FORM, $text) !== 1) {
            throw BadMoment::form($field, $text);
        }
        try {
            $moment = Carbon::parse($text)->utc();
        } catch (InvalidFormatException) {
            throw BadMoment::form($field, $text);
        }
        if ($moment->isBefore(self::EARLIEST) || $moment->isAfter($latest)) {
            throw BadMoment::window($field, $text, $latest);
        }

        return $moment;
    }
}
