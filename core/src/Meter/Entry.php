<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/**
 * What someone typed for a reading: a number with or without its unit, or OL.
 */
final readonly class Entry
{
    /** @param  float|null  $value SI; null for OL */
    private function __construct(public ?float $value)
    {
    }

    /** Units each function may be entered in, in lower case, as factors to SI; the empty one is what a bare number means. */
    private const UNITS = [
        'vac' => ['' => 1.0, 'v' => 1.0, 'mv' => 1e-3, 'kv' => 1e3],
        'vdc' => ['' => 1.0, 'v' => 1.0, 'mv' => 1e-3],
        'amps' => ['' => 1.0, 'a' => 1.0, 'ma' => 1e-3],
        'uadc' => ['' => 1e-6, 'µa' => 1e-6, 'μa' => 1e-6, 'ua' => 1e-6, 'ma' => 1e-3],
        'megohms' => [
            '' => 1e6,
            'mω' => 1e6,
            'mohm' => 1e6,
            'm' => 1e6,
            'gω' => 1e9,
            'g' => 1e9,
            'k' => 1e3,
            'kω' => 1e3,
        ],
        'ohms' => [
            '' => 1.0,
            'ω' => 1.0,
            'ohm' => 1.0,
            'ohms' => 1.0,
            'k' => 1e3,
            'kω' => 1e3,
            'kohm' => 1e3,
            'm' => 1e6,
            'mω' => 1e6,
            'mohm' => 1e6,
        ],
        'mfd' => ['' => 1e-6, 'µf' => 1e-6, 'μf' => 1e-6, 'uf' => 1e-6, 'mfd' => 1e-6, 'nf' => 1e-9],
    ];

    /** Characters of an entry. */
    private const LONGEST = 24;

    /** The most a service meter can show, SI. A larger entry is a slip. */
    private const MOST = [
        'vac' => 1000.0, 'vdc' => 1000.0, 'amps' => 2000.0, 'uadc' => 0.01, 'megohms' => 1e12, 'ohms' => 1e9, 'mfd' => 0.1,
    ];

    /** @throws BadEntry saying what is wrong and what to type */
    public static function parse(MeterFunction $function, string $text): self
    {
        $text = trim($text);
        $kind = match ($function) {
            MeterFunction::Continuity => 'ohms',
            MeterFunction::VoltsAcLowZ => 'vac',
            default => $function->value,
        };
        $example = [
            'vac' => '26.4',
            'vdc' => '4.98',
            'amps' => '14.1',
            'uadc' => '3.8',
            'megohms' => '550',
            'ohms' => '12.5 or 1.2k',
            'mfd' => '39.6',
        ][$kind];
        if ($text === '') {
            throw BadEntry::nothing($function, $example);
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw BadEntry::tooLong($function, self::LONGEST);
        }
        if (in_array(strtoupper($text), ['OL', 'O.L', 'O.L.', '0L'], true)) {
            return new self(null);
        }
        if (preg_match('/^[+-]?[1-9]\d{0,2},\d{3}(?![\d,])/', $text) === 1) {
            throw BadEntry::twoWays($function, $text);
        }
        if (preg_match('/^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*(\D*)$/iu', str_replace(',', '.', $text), $m) !== 1) {
            throw BadEntry::notANumber($function, $text, $example);
        }
        $unit = mb_strtolower(trim($m[2]));
        $factor = self::UNITS[$kind][$unit] ?? null;
        if ($factor === null) {
            throw BadEntry::otherUnit($function, $text, $m[2], $example);
        }
        $value = (float) $m[1] * $factor;
        if ($value < 0 && $kind !== 'vdc' && $kind !== 'uadc') {
            throw BadEntry::negative($function, $text);
        }
        if (! is_finite($value) || $value > self::MOST[$kind]) {
            throw BadEntry::offTheScale($function, $text);
        }

        return new self($value);
    }
}
