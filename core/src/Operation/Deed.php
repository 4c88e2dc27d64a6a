<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** What someone, or fate, does to a unit at a time. */
final readonly class Deed
{
    /**
     * @param  float  $at  seconds
     * @param  list<string>  $set  NAME=VALUE
     * @param  list<string>  $fault  fault ids that come
     * @param  list<string>  $mend  fault ids that go
     * @param  list<string>  $lift  wires
     * @param  list<string>  $land  wires
     * @param  list<string>  $remove  parts
     * @param  list<string>  $restore  parts
     * @param  list<string>  $reset  parts whose button is pressed, or whose fuse is replaced
     */
    public function __construct(
        public float $at,
        public array $set,
        public array $fault,
        public array $mend,
        public array $lift,
        public array $land,
        public array $remove,
        public array $restore,
        public array $reset,
    ) {
    }

    /** @return list<string> in words */
    public function words(): array
    {
        $words = $this->set;
        foreach (['fault', 'mend', 'lift', 'land', 'remove', 'restore', 'reset'] as $verb) {
            foreach ($this->$verb as $what) {
                $words[] = "$verb $what";
            }
        }

        return $words;
    }
}
