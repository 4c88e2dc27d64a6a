<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\EntryKind;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Trial\Dice;
use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

// What holds of every check, whatever it judges; what each of them says of its own part is tested beside this.

dataset('every check', array_map(static fn (PartCheck $check): array => [$check], PartChecks::all()));

/** What instruments of the trade show of it, SI: the middle of it. */
function middling(Dimension $dimension): float
{
    return match ($dimension) {
        Dimension::Resistance => 12.0, Dimension::Insulation => 2e8, Dimension::Voltage => 230.0, Dimension::Current => 9.0,
        Dimension::FlameCurrent => 3e-6, Dimension::Capacitance => 40e-6, Dimension::Power => 900.0, Dimension::ApparentPower => 40.0,
        Dimension::Temperature => 24.0, Dimension::TemperatureDifference => 9.0, Dimension::Pressure => 9e5,
        Dimension::AirPressure => 120.0, Dimension::AirFlow => 0.5, Dimension::Frequency => 60.0, Dimension::Speed => 1075.0,
        Dimension::Length => 20.0, Dimension::Diameter => 0.1,
        Dimension::WireSize => 5.3e-6, Dimension::Duration => 2.0, Dimension::Share => 0.05,
        Dimension::Number => 3.0,
    };
}

/**
 * Something for every entry that must be there and for some of the rest, SI.
 *
 * @return array<string, float|string>
 */
function somethingFor(PartCheck $check, Dice $dice): array
{
    $given = [];
    foreach ($check->about()->entries as $entry) {
        if (! $entry->isRequired && $dice->chance(0.5)) {
            continue;
        }
        $given[$entry->name] = match ($entry->kind) {
            EntryKind::Choice => $dice->pick($entry->choices === [] ? [''] : $entry->choices),
            EntryKind::Word => $entry->usual,
            EntryKind::Number, EntryKind::Row => $entry->dimension === Dimension::Number
                ? round(middling($entry->dimension) * exp($dice->between(-0.7, 0.7)))
                : middling($entry->dimension) * exp($dice->between(-0.7, 0.7)),
        };
    }

    return $given;
}

/**
 * The same as it is typed, every number in the unit that is picked for it.
 *
 * @param  array<string, float|string>  $given
 * @param  Closure(Entry): Unit  $pick
 * @return array<string, string>
 */
function typedIn(PartCheck $check, array $given, Closure $pick): array
{
    $typed = [];
    foreach ($check->about()->entries as $entry) {
        $value = $given[$entry->name] ?? null;
        $unit = $pick($entry);
        $typed += $value === null ? [] : [
            $entry->name => is_string($value) ? $value : sprintf('%.12g %s', $unit->fromSi($value), $unit->symbol),
        ];
    }

    return $typed;
}

/** What comes of it; what cannot be so together is an answer too. */
function answered(PartCheck $check, array $typed): Judgement|string
{
    try {
        return $check->of($typed);
    } catch (BadGiven $e) {
        return $e->getMessage();
    }
}

it('says what it is, how it is taken, what is easily mistaken, what can hurt and what it leaves out', function (PartCheck $check): void {
    $about = $check->about();
    foreach ([$about->title, $about->how, $about->mistake, $about->caution, $about->leavesOut] as $text) {
        expect(trim($text))->not->toBe('');
    }
    expect($about->name)->toMatch('/^[a-z][a-z0-9-]+$/')->and($about->words)->not->toBe([])
        ->and(array_map(mb_strtolower(...), $about->words))->toBe($about->words);
    $names = array_map(static fn (Entry $e): string => $e->name, $about->entries);
    $labels = array_map(static fn (Entry $e): string => $e->label, $about->entries);
    expect(array_unique($names))->toBe($names)->and(array_unique($labels))->toBe($labels);
})->with('every check');

it('refuses what cannot be, beside the entry that it is in, with a sentence that says what to do', function (PartCheck $check): void {
    foreach ($check->about()->entries as $entry) {
        $wrong = match ($entry->kind) {
            EntryKind::Choice => ['no such choice'],
            EntryKind::Word => [str_repeat('a', 25)],
            EntryKind::Number, EntryKind::Row => [
                'abc', '1e99', '5 bananas', '--5', '1,234', str_repeat('9', 40), '∞',
                ...$entry->dimension->isSigned() ? [] : ['-5'],
                ...$entry->isRead ? [] : ['OL'],
                // 0 °F, and gauge 0, which is 1/0, are something
                ...$entry->isRead || $entry->dimension->usual()->toSi(0.0) !== 0.0 ? [] : ['0'],
            ],
        };
        foreach ($wrong as $text) {
            try {
                $check->of([$entry->name => $text]);
                expect("$entry->name took \"$text\"")->toBe('');
            } catch (BadGiven $e) {
                expect($e->entry)->toBe($entry->name)->and($e->getMessage())->toStartWith($entry->label)
                    ->and($e->getMessage())->toMatch('/\. |\.$/')->and($e->isMissing)->toBeFalse();
            }
        }
    }
    expect(fn () => $check->of(['no such entry' => '1']))->toThrow(BadGiven::class, 'There is no "no such entry" to give');
})->with('every check');

it('waits for each reading that must be there, and names it', function (PartCheck $check): void {
    $whole = typedIn($check, somethingFor($check, new Dice(7)), static fn (Entry $e): Unit => $e->dimension->usual());
    foreach (array_filter($check->about()->entries, static fn (Entry $e): bool => $e->isRequired) as $entry) {
        try {
            $check->of(array_diff_key($whole, [$entry->name => true]));
            expect("$entry->name may be left out")->toBe('');
        } catch (BadGiven $e) {
            expect($e->isMissing)->toBeTrue()->and($e->entry)->toBe($entry->name);
        }
    }
    expect(true)->toBeTrue();
})->with('every check');

it('always says something that can be read, with the source of every limit, or why it cannot be so', function (PartCheck $check): void {
    $verdicts = [];
    for ($seed = 1; $seed <= 60; $seed++) {
        $given = somethingFor($check, new Dice($seed));
        $answer = answered($check, typedIn($check, $given, static fn (Entry $e): Unit => $e->dimension->usual()));
        if (is_string($answer)) {
            expect(mb_strlen($answer))->toBeGreaterThan(15)->and($answer)->toEndWith('.');

            continue;
        }
        $verdicts[] = $answer->verdict;
        expect(trim($answer->headline))->not->toBe('')->and($answer->headline)->not->toEndWith('.')
            ->and($answer->findings)->not->toBe([])->and(trim($answer->next))->not->toBe('');
        foreach ($answer->limits as $limit) {
            expect(trim($limit->words))->not->toBe('')->and($limit->source->words)->not->toBe('');
        }
        foreach ($answer->figures as $figure) {
            expect(is_nan($figure->value ?? 0.0))->toBeFalse()->and(is_infinite($figure->value ?? 0.0))->toBeFalse()
                ->and($figure->shown())->not->toContain('nan');
        }
        // good is said where something was held against something, never of nothing
        if ($answer->verdict === Verdict::Good) {
            expect($answer->limits)->not->toBe([], "{$check->about()->name}, seed $seed: $answer->headline");
        }
    }
    expect($verdicts)->not->toBe([], $check->about()->name);
})->with('every check');

it('says the same whatever unit it is typed in', function (PartCheck $check): void {
    for ($seed = 100; $seed < 130; $seed++) {
        $given = somethingFor($check, new Dice($seed));
        $dice = new Dice($seed);
        $usual = answered($check, typedIn($check, $given, static fn (Entry $e): Unit => $e->dimension->usual()));
        $other = answered($check, typedIn($check, $given, static fn (Entry $e): Unit => $dice->pick($e->dimension->units())));
        if (is_string($usual) || is_string($other)) {
            expect($other)->toBe($usual);

            continue;
        }
        expect($other->verdict)->toBe($usual->verdict)->and($other->headline)->toBe($usual->headline)
            ->and(count($other->figures))->toBe(count($usual->figures));
        foreach ($usual->figures as $n => $figure) {
            expect($other->figures[$n]->value)->toEqualWithDelta($figure->value, 1e-6 * abs($figure->value ?? 0.0) + 1e-15);
        }
    }
})->with('every check');

it('is kept and read again as it was', function (PartCheck $check): void {
    for ($seed = 200; $seed < 210; $seed++) {
        $typed = typedIn($check, somethingFor($check, new Dice($seed)), static fn (Entry $e): Unit => $e->dimension->usual());
        if (answered($check, $typed) instanceof Judgement) {
            $kept = Kept::of($check->about()->name, $typed, []);
            $stored = (array) json_decode((string) json_encode($kept->data(), JSON_PRESERVE_ZERO_FRACTION), true);
            expect(Kept::stored($stored))->toEqual($kept);
        }
    }
    expect(true)->toBeTrue();
})->with('every check');
