<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Parts\Machines\Running;

/** One try of a motor to come up to speed. */
final readonly class Start
{
    /**
     * @param  float  $at  seconds from the start of the run
     * @param  float  $seconds  that it took
     * @param  string  $to  what was seen at its end: it runs, or hums, or lost its supply
     * @param  float  $amps  most that it took meanwhile
     * @param  float  $volts  least that it had over its line terminals meanwhile
     * @param  float  $after  volts over them at the end
     */
    public function __construct(
        public string $part,
        public float $at,
        public float $seconds,
        public string $to,
        public float $amps,
        public float $volts,
        public float $after,
    ) {
    }

    /**
     * Every start of a run that came to an end.
     *
     * @param  list<Happening>  $happenings
     * @return list<self>
     */
    public static function all(array $happenings): array
    {
        $starts = $open = [];
        foreach ($happenings as $n => $happening) {
            foreach ($happening->moved as $part => $moved) {
                if ($moved['from'] === Running::STARTS) {
                    $from = $open[$part] ?? 0;
                    $starts[] = self::of($part, array_slice($happenings, $from, $n - $from), $happening);
                }
                if ($moved['to'] === Running::STARTS) {
                    $open[$part] = $n;
                }
            }
        }

        return $starts;
    }

    /** @param  list<Happening>  $meanwhile  from the one at which it began */
    private static function of(string $part, array $meanwhile, Happening $end): self
    {
        $first = $meanwhile[0] ?? $end;

        return new self(
            $part,
            $first->at,
            $end->at - $first->at,
            $end->moved[$part]['to'],
            max(array_map(static fn (Happening $h): float => $h->amps[$part] ?? 0.0, [$first, ...$meanwhile])),
            min(array_map(static fn (Happening $h): float => $h->volts[$part] ?? 0.0, [$first, ...$meanwhile])),
            $end->volts[$part] ?? 0.0,
        );
    }
}
