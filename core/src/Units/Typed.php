<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** A number as people type it, and the unit behind it as it was spelt: the one grammar, wherever a number is typed. */
final readonly class Typed
{
    /** Characters of an entry. */
    public const LONGEST = 24;

    /** No unit begins with what a number has. */
    private const NUMBER = '/^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*+((?![\d.,\/+-]).*)$/iu';

    /** What a meter says that is over its range. */
    private const OVER = ['OL', 'O.L', 'O.L.', '0L', 'OPEN'];

    /** @param  string  $unit  empty where there was none */
    private function __construct(public float $number, public string $unit)
    {
    }

    /** @throws NotTyped */
    public static function read(string $text): self
    {
        $text = trim($text);

        // a comma before three digits groups thousands in some places and begins decimals in others
        return match (true) {
            $text === '' => throw new NotTyped(TypingFault::Nothing),
            mb_strlen($text) > self::LONGEST => throw new NotTyped(TypingFault::TooLong),
            preg_match('/^[+-]?[1-9]\d{0,2},\d{3}(?![\d,])/', $text) === 1 => throw new NotTyped(TypingFault::TwoWays),
            preg_match(self::NUMBER, str_replace([',', '−'], ['.', '-'], $text), $m) !== 1 => throw new NotTyped(TypingFault::NoNumber),
            default => new self((float) $m[1], trim($m[2])),
        };
    }

    /** Whether it is what a meter shows that is over its range. */
    public static function isOver(string $text): bool
    {
        return in_array(strtoupper(trim($text)), self::OVER, true);
    }
}
