<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Parts\Catalogue;

/** A part in series in a wire: put in, and taken out again. */
final class Series
{
    /**
     * The wire goes to one point of a part, and another one of its colour goes on from another.
     *
     * @throws CannotEdit
     */
    public static function in(Draft $draft, string $wire, string $in, string $out): Draft
    {
        $own = $draft->wire($wire);

        return $draft
            ->withWire($wire, [...$own, 'to' => $in])
            ->withWire($draft->freeWire($wire), [...$own, 'from' => $out], $wire);
    }

    /**
     * The two wires of a part become one, where it lies in series between two others; null where it does not.
     *
     * @throws CannotEdit
     */
    public static function out(Draft $draft, string $part): ?Draft
    {
        $own = $draft->wiresOf($part);
        $isOn = static fn (string $point): bool => Draft::partOf($point) === $part;
        $ends = $fars = [];
        foreach ($own as $wire) {
            $ends[] = $isOn($wire['from']) ? $wire['from'] : $wire['to'];
            $fars[] = $isOn($wire['from']) ? $wire['to'] : $wire['from'];
        }
        if (count($own) !== 2 || $ends[0] === $ends[1] || $fars[0] === $fars[1] || $isOn($fars[0]) || $isOn($fars[1])) {
            return null;
        }
        [$first, $second] = array_keys($own);

        return $draft->withoutWire($second)->withWire($first, [...$own[$first], 'from' => $fars[0], 'to' => $fars[1]]);
    }

    /**
     * The two terminals that a wire goes through.
     *
     * @param  list<string>  $given  both, or none where the kind has but two
     * @return array{string, string}
     *
     * @throws CannotEdit
     */
    public static function terminals(string $kind, array $given): array
    {
        $own = Catalogue::definition($kind)->terminals ?? throw CannotEdit::kind($kind, array_keys(Catalogue::classes()));
        $pair = $given === [] ? $own : $given;

        return count($pair) === 2 ? [$pair[0], $pair[1]] : throw CannotEdit::between($kind);
    }
}
