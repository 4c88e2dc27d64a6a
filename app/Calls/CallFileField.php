<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Support\Carbon;

/** Fields of a call file, each checked as it is read. */
final class CallFileField
{
    /**
     * @param  array<mixed>  $data
     *
     * @throws UnusableCallFile
     */
    public static function text(array $data, string $key, int $most): string
    {
        $text = $data[$key] ?? null;
        if (! is_string($text)) {
            throw UnusableCallFile::lacks($key);
        }

        return mb_strlen($text) <= $most ? $text : throw UnusableCallFile::fieldTooLong($key, $most);
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws UnusableCallFile
     */
    public static function past(array $data, string $key): Carbon
    {
        try {
            return Moment::past($key, self::text($data, $key, 40));
        } catch (BadMoment $e) {
            throw UnusableCallFile::badMoment($e);
        }
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws UnusableCallFile
     */
    public static function planned(array $data, string $key): Carbon
    {
        try {
            return Moment::planned($key, self::text($data, $key, 40));
        } catch (BadMoment $e) {
            throw UnusableCallFile::badMoment($e);
        }
    }
}
