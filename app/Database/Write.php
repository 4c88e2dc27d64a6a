<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;

/** A transaction that is tried again while another writer holds the database. */
final class Write
{
    private const TRIES = 6;

    /** Longest pause before the second try, milliseconds; doubled each time. */
    private const PAUSE = 40;

    /**
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     */
    public static function transaction(\Closure $do): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return DB::transaction($do);
            } catch (\PDOException $e) {
                if ($try === self::TRIES || ! (new ConcurrencyErrorDetector)->causedByConcurrencyError($e)) {
                    throw $e;
                }
                Sleep::for(random_int(1, self::PAUSE * 2 ** $try))->milliseconds();
            }
        }
    }
}
