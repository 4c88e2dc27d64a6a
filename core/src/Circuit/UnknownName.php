<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * A part, point, wire, condition or fault was named that the circuit does not have.
 */
final class UnknownName extends CircuitException
{
    /** Names have this length at most; a longer text is not a slip of the finger, and is not repeated whole. */
    private const LONGEST = 64;

    private function __construct(public readonly string $what, public readonly string $name, public readonly ?string $near)
    {
        parent::__construct(
            "There is no $what \"".self::shortened($name).'" in this circuit.'.($near === null ? '' : " Did you mean $near?"),
        );
    }

    /** @param  list<string>  $known */
    private static function of(string $what, string $name, array $known): self
    {
        return new self($what, $name, self::nearest($name, $known));
    }

    /** @param  list<string>  $known */
    public static function point(string $name, array $known): self
    {
        return self::of('point', $name, $known);
    }

    /** @param  list<string>  $known */
    public static function part(string $name, array $known): self
    {
        return self::of('part', $name, $known);
    }

    /** @param  list<string>  $known */
    public static function wire(string $name, array $known): self
    {
        return self::of('wire', $name, $known);
    }

    /** @param  list<string>  $known */
    public static function condition(string $name, array $known): self
    {
        return self::of('condition', $name, $known);
    }

    /** @param  list<string>  $known */
    public static function fault(string $name, array $known): self
    {
        return self::of('fault', $name, $known);
    }

    /**
     * The closest known name, when one is close enough to be a slip of the finger.
     *
     * @param  list<string>  $known
     */
    public static function nearest(string $name, array $known): ?string
    {
        if (strlen($name) > self::LONGEST) {
            return null;
        }
        $best = null;
        $bestDistance = PHP_INT_MAX;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower($name), strtolower($candidate));
            if ($distance < $bestDistance) {
                [$best, $bestDistance] = [$candidate, $distance];
            }
        }

        return $best !== null && $bestDistance <= max(2, intdiv(strlen($name), 2)) ? $best : null;
    }

    private static function shortened(string $name): string
    {
        return mb_strlen($name) > self::LONGEST ? mb_substr($name, 0, self::LONGEST).'…' : $name;
    }
}
