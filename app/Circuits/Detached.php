<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Support\Facades\Process;

/** An artisan command that goes on by itself, for which nobody waits. */
final class Detached
{
    /** It has neither the port nor the connections of whoever serves here. */
    private const START = 'exec 3>&- 4>&- 5>&- 6>&- 7>&- 8>&- 9>&-; exec setsid %s > /dev/null 2>&1 < /dev/null &';

    /** @param  list<string>  $command  and what it takes */
    public static function artisan(array $command, bool $isNice = false): void
    {
        $words = [...$isNice ? ['nice', '-n', '10'] : [], PHP_BINARY, 'artisan', ...$command];
        Process::path(base_path())->run(sprintf(self::START, implode(' ', array_map(escapeshellarg(...), $words))));
    }
}
