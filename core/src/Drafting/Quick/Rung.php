<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

/**
 * A rung as a technician says it: `R TST HP LP CC C`, or "thermostat, high pressure, low pressure, contactor coil". A colour between two
 * things is the wire's; a call's letter (Y, G, W) behind the thermostat is the unit's terminal that it comes in on.
 */
final readonly class Rung
{
    /** What nobody knows is a contact that someone may look at. */
    private const UNKNOWN = 'dry-contact';

    /**
     * @param  list<Piece>  $series  from the hot end
     * @param  string  $call  the unit's terminal that the call comes in on, Y where nobody said
     */
    private function __construct(public array $series, public Piece $load, public string $call, public string $back)
    {
    }

    /** @throws CannotTrace when it has no load at its end, or nothing at all */
    public static function said(string $words): self
    {
        $pieces = [];
        $taken = ['SUP' => true, 'SW' => true, 'T1' => true, 'TB' => true, 'GND' => true, 'RC' => true];
        $colour = $call = '';
        $said = self::split($words);
        foreach ($said as $n => $one) {
            $isEnd = ($n === 0 && Vocabulary::isHot($one)) || ($n === count($said) - 1 && Vocabulary::isCommon($one));
            if ($isEnd) {
                continue;
            }
            if (Vocabulary::isColour($one)) {
                $colour = strtolower($one);
            } elseif (Vocabulary::isCall($one) && $n < count($said) - 1) {
                $call = strtoupper($one);
            } else {
                $pieces[] = $piece = self::piece($one, $taken, $colour, self::isLast($said, $n));
                $taken[$piece->id] = true;
                $colour = '';
            }
        }
        $load = array_pop($pieces) ?? throw CannotTrace::nothing();
        self::isLoad($load) ?: throw CannotTrace::noLoad($load->label);

        return new self($pieces, $load, $call === '' ? 'Y' : $call, $colour);
    }

    /** @return list<string> */
    private static function split(string $words): array
    {
        $between = str_contains($words, ',') || str_contains($words, "\n") ? '/[,\n]+/' : '/[\s\-–—>→]+/u';

        return array_values(array_filter(
            array_map(trim(...), preg_split($between, trim($words)) ?: []),
            static fn (string $one): bool => $one !== '',
        ));
    }

    /** @param  list<string>  $said */
    private static function isLast(array $said, int $n): bool
    {
        foreach (array_slice($said, $n + 1) as $behind) {
            if (! Vocabulary::isCommon($behind) && ! Vocabulary::isColour($behind)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, true>  $taken */
    private static function piece(string $said, array $taken, string $colour, bool $isLast): Piece
    {
        $term = Vocabulary::term($said);
        $isLetters = preg_match('/^[A-Za-z][A-Za-z0-9_]{0,7}$/', $said) === 1 && ($term === null || strtoupper($said) === $said);
        $own = $isLetters ? strtoupper($said) : ($term?->letter() ?? 'X');
        $id = $own;
        for ($n = 2; isset($taken[$id]); $n++) {
            $id = rtrim($own, '0123456789').$n;
        }
        $kind = $isLast && ($term->load ?? '') !== '' ? $term?->load : ($term->series ?? self::UNKNOWN);
        $label = $term->label ?? "Contact $said";

        return new Piece($id, ($kind ?? '') === '' ? self::UNKNOWN : (string) $kind, $label, $term->spot ?? Spot::Unit, $colour);
    }

    private static function isLoad(Piece $piece): bool
    {
        foreach (Vocabulary::terms() as $term) {
            if ($term->load === $piece->kind) {
                return true;
            }
        }

        return false;
    }
}
