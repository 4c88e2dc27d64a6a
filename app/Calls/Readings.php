<?php

declare(strict_types=1);

namespace App\Calls;

use Levin\Core\Record\EventType;

/** The readings of a call as rows, for spreadsheets. */
final class Readings
{
    private const HEAD = ['sequence', 'noted_at', 'by', 'function', 'red', 'black', 'entered', 'value_si', 'overload', 'struck_because'];

    /** What a spreadsheet would take for the start of a formula. */
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r"];

    /** @return list<list<string|float|int|null>> header and one row a reading, struck ones marked */
    public function of(Call $call): array
    {
        $struck = [];
        $rows = [self::HEAD];
        $events = $call->events()->with('user')->get()->all();
        foreach ($events as $event) {
            if ($event->type === EventType::Strike) {
                $struck[$event->toEvent()->text('event')] = $event->toEvent()->text('reason');
            }
        }
        foreach ($events as $row) {
            $event = $row->toEvent();
            if ($event->type === EventType::Reading) {
                $rows[] = [
                    $row->sequence,
                    $row->noted_at->toIso8601ZuluString(),
                    self::harmless($row->user->name),
                    $event->text('function'),
                    $event->text('red'),
                    $event->text('black'),
                    self::harmless($event->text('entered')),
                    $event->number('value'),
                    ($event->data['overload'] ?? false) === true ? 'OL' : '',
                    self::harmless($struck[$event->id] ?? ''),
                ];
            }
        }

        return $rows;
    }

    /** A text that a spreadsheet will show and not run: an apostrophe before what looks like a formula. A plain number stays one. */
    private static function harmless(string $text): string
    {
        return ! is_numeric($text) && in_array($text[0] ?? '', self::FORMULA, true) ? "'$text" : $text;
    }
}
