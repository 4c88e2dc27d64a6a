<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** A unit as it is written, and what one of it is in SI. */
readonly class Unit
{
    /**
     * @param  string  $symbol  as it is shown
     * @param  float  $factor  SI of one
     * @param  float  $plus  what is added before that: degrees Fahrenheit begin elsewhere
     * @param  list<string>  $spellings  other ways to type it, in lower case
     * @param  int  $digits  that are worth showing
     */
    public function __construct(
        public string $symbol,
        private float $factor,
        private float $plus = 0.0,
        private array $spellings = [],
        private int $digits = 3,
    ) {
    }

    public function toSi(float $value): float
    {
        return ($value + $this->plus) * $this->factor;
    }

    public function fromSi(float $value): float
    {
        return $value / $this->factor - $this->plus;
    }

    public function isSpelt(string $typed): bool
    {
        $typed = mb_strtolower(str_replace(' ', '', $typed));

        return $typed === mb_strtolower(str_replace(' ', '', $this->symbol)) || in_array($typed, $this->spellings, true);
    }

    /** A value with its unit, in the digits that are worth showing. */
    public function show(float $si): string
    {
        $value = $this->fromSi($si);
        $decimals = $value === 0.0 ? 0 : max(0, $this->digits - 1 - (int) floor(log10(abs($value))));
        $shown = number_format($value, min(6, $decimals), '.', '');

        return (str_contains($shown, '.') ? rtrim(rtrim($shown, '0'), '.') : $shown)." $this->symbol";
    }
}
