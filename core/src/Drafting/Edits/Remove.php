<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Sample;
use Levin\Core\Drafting\Series;

/** A part is taken out. What went through a switch or a fuse goes on without it; the leads of a load go with it. */
final readonly class Remove extends Edit
{
    public function __construct(private string $part)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        if ($draft->isEarth($this->part)) {
            throw CannotEdit::isEarth($this->part);
        }
        $kind = $own['kind'] ?? '';
        $joined = Sample::isInSeries(is_string($kind) ? $kind : '') ? Series::out($draft, $this->part) : null;
        foreach (array_keys($joined === null ? $draft->wiresOf($this->part) : []) as $wire) {
            $draft = $draft->withoutWire($wire);
        }
        $draft = ($joined ?? $draft)->withoutPart($this->part)->forgetting($this->part);
        foreach (self::named($own) as $condition) {
            $draft = self::named($draft->parts(), $condition) === [] ? $draft->withoutCondition($condition) : $draft;
        }

        return $draft;
    }

    /**
     * The conditions that a part names, or whoever names one.
     *
     * @param  array<mixed>  $data
     * @return list<string>
     */
    private static function named(array $data, string $condition = ''): array
    {
        $found = [];
        array_walk_recursive($data, static function (mixed $value, int|string $key) use (&$found, $condition): void {
            $isNamed = is_string($value) && is_string($key) && str_ends_with($key, '_by');
            if ($isNamed && ($condition === '' || $value === $condition)) {
                $found[] = $value;
            }
        });

        return $found;
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part taken out";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'remove PART';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 1);

        return new self($words[0]);
    }
}
