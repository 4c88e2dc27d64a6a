<?php

declare(strict_types=1);

namespace Levin\Core\Work;

/** What a fault has to do with what was done at an earlier visit: whether a shop that stands by its work is asked to. */
enum Claim: string
{
    case Worked = 'worked on';
    case JudgedGood = 'judged good';
    case Other = 'another matter';

    /**
     * Null while no part is found: what is said in words alone may be of any.
     *
     * @param  list<string>  $found  parts and wires that are at fault now
     * @param  list<string>  $worked  those that something was done to then, or that were found at fault
     * @param  list<string>  $good  those that were judged good then
     */
    public static function of(array $found, array $worked, array $good): ?self
    {
        return match (true) {
            $found === [] => null,
            array_intersect($found, $worked) !== [] => self::Worked,
            array_intersect($found, $good) !== [] => self::JudgedGood,
            default => self::Other,
        };
    }
}
