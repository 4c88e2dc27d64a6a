<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a check is, how it is taken and what it takes. */
final readonly class About
{
    /**
     * @param  string  $name  as it is called on the command line and in addresses
     * @param  string  $how  how it is taken, as an order
     * @param  string  $mistake  the usual one in taking it
     * @param  string  $caution  what can hurt
     * @param  string  $leavesOut  what it says nothing about
     * @param  list<string>  $words  parts, symptoms and numbers by which it is found, in lower case
     * @param  list<Entry>  $entries
     * @param  Row  $row  where the probes go
     * @param  Watched|null  $watched  what is watched from visit to visit
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $how,
        public string $mistake,
        public string $caution,
        public string $leavesOut,
        public array $words,
        public array $entries,
        public Row $row,
        public ?Watched $watched = null,
    ) {
    }
}
