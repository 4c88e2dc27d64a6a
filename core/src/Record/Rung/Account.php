<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** The visit told for the customer, from the record: a line for each thing, for somebody to put in their words. */
final readonly class Account
{
    public function __construct(private Visit $visit)
    {
    }

    public function words(): string
    {
        return implode("\n", array_map(self::sentence(...), [
            ...$this->each('You called because: “%s”', 'words', EventType::Complaint),
            ...array_map(static fn (Event $e): string => $e->isTrue('nothing')
                ? "{$e->text('label')}."
                : "We found: {$e->text('label')}.", $this->visit->findings()),
            ...$this->causes(),
            ...$this->done(),
            ...$this->measured(),
            ...array_map(
                static fn (Event $e): string => sprintf('We watched it for %g minutes; it did what it should.', $e->number('minutes')),
                array_slice(array_filter(
                    $this->visit->since($this->visit->mark(), EventType::Watched),
                    static fn (Event $e): bool => $e->isTrue('as_expected'),
                ), -1),
            ),
        ]));
    }

    /** What somebody wrote may have its full stop. */
    private static function sentence(string $line): string
    {
        return (string) preg_replace('/\.{2,}/', '.', $line);
    }

    /** @return list<string> */
    private function each(string $line, string $key, EventType $type): array
    {
        return array_map(static fn (Event $e): string => sprintf($line, $e->text($key)), $this->visit->since(null, $type));
    }

    /** @return list<string> */
    private function causes(): array
    {
        $lines = [];
        foreach ($this->visit->faults() as $fault) {
            $lines = $fault->text('cause') === '' ? $lines : [...$lines, "What made it fail: {$fault->text('cause')}."];
        }
        foreach ($this->visit->since($this->visit->findings()[0] ?? null, EventType::Cause) as $cause) {
            $lines[] = match ($cause->text('kind')) {
                'found' => "What made it fail: {$cause->text('words')}.",
                'wear' => 'It is worn out; nothing else made it fail.',
                default => 'What made it fail was looked for and not found.',
            };
        }

        return $lines;
    }

    /** @return list<string> what was done, a sentence each */
    public function done(): array
    {
        $parts = $this->visit->model->circuit->parts;

        return array_map(self::sentence(...), array_map(static function (Event $e) use ($parts): string {
            $mustNot = $e->text('must_not');
            $figures = $e->text('before') === '' ? '' : " ({$e->text('before')} before, {$e->text('after')} after)";

            return match ($e->type) {
                EventType::Replaced => "We fitted a new one: {$parts[$e->text('part')]->label}"
                    .($e->text('fitted') === '' ? '.' : ", {$e->text('fitted')}."),
                EventType::Worked => 'We did: '.trim("{$e->text('label')} {$e->text('words')}").$figures.'.',
                default => "It is left so: {$e->text('words')}.".($mustNot === '' ? '' : " Do not switch on: $mustNot."),
            };
        }, $this->visit->since(null, EventType::Replaced, EventType::Worked, EventType::Left)));
    }

    /** @return list<string> */
    private function measured(): array
    {
        $read = [];
        foreach ($this->visit->findings() === [] ? [] : Loads::of($this->visit) as $load) {
            $amps = $load->measured?->number('value');
            $plate = $load->plate === null ? '' : ' (plate '.Display::format(MeterFunction::Amps, $load->plate).')';
            $read = $amps === null ? $read : [...$read, "{$load->part->label} ".Display::format(MeterFunction::Amps, $amps).$plate];
        }

        return $read === [] ? [] : ['Measured under load: '.implode(', ', $read).'.'];
    }
}
