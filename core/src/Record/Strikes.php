<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** What a log has struck out, wherever in it that is said. */
final class Strikes
{
    /**
     * @param  list<Event>  $log
     * @return array<string, true> by id of what is struck out
     */
    public static function in(array $log): array
    {
        $struck = [];
        foreach ($log as $event) {
            $struck += $event->type === EventType::Strike ? [$event->text('event') => true] : [];
        }

        return $struck;
    }
}
