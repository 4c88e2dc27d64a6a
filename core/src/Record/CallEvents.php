<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Operation\Model;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** The events of a call out of a file: a call file, or YAML with a list of events, data only. */
final readonly class CallEvents
{
    /**
     * @return list<Event>
     *
     * @throws Refusal with the number of the event that cannot be
     */
    public static function fromFile(string $path, Model $model): array
    {
        $text = is_file($path) ? @file_get_contents($path) : false;

        return $text === false
            ? throw Refusal::unreadableCall("The call $path cannot be read. Check its name and that you may read it.")
            : self::fromText($text, $model);
    }

    /**
     * @return list<Event>
     *
     * @throws Refusal
     */
    public static function fromText(string $text, Model $model): array
    {
        try {
            $data = Yaml::parse($text);
        } catch (ParseException $e) {
            throw Refusal::unreadableCall('The call is neither JSON nor YAML: '.$e->getMessage());
        }
        $items = is_array($data) ? $data['events'] ?? null : null;
        if (! is_array($items)) {
            throw Refusal::unreadableCall('The call has no list of events: write "events:" and one event a line under it.');
        }
        $gate = new Gate($model, isRecord: true);
        $events = [];
        foreach (array_values($items) as $n => $item) {
            $number = $n + 1;
            [$id, $name, $own] = self::item($item, $number);
            $type = EventType::tryFrom($name);
            if ($type === null) {
                $there = implode(', ', array_column(EventType::cases(), 'value'));
                throw Refusal::unreadableCall("Event $number is no event: \"".mb_substr($name, 0, 40)."\". There are: $there.");
            }
            try {
                $events[] = new Event($id, $type, $gate->admit($type, $own, $events));
            } catch (Refusal $e) {
                throw Refusal::unreadableCall("Event $number, $name: ".$e->getMessage());
            }
        }

        return $events;
    }

    /** @return array{string, string, array<string, mixed>} id, type, data */
    private static function item(mixed $item, int $number): array
    {
        if (! is_array($item)) {
            throw Refusal::unreadableCall("Event $number is not written as \"type: { … }\".");
        }
        $isFull = isset($item['type']);
        $name = $isFull ? $item['type'] : array_key_first($item);
        $data = $isFull ? $item['data'] ?? [] : reset($item);

        /** @var array<string, mixed> $own */
        $own = is_array($data) ? $data : [];

        return [is_string($item['id'] ?? null) ? $item['id'] : "event-$number", is_string($name) ? $name : '', $own];
    }
}
