<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/**
 * The last few things that were worked out, by what they were worked out from.
 *
 * @template T of object
 */
final class Recent
{
    /** @var array<string, T> the one that was asked for last at the end */
    private array $all = [];

    public function __construct(private readonly int $most)
    {
    }

    /**
     * @param  \Closure(): T  $make
     * @return T
     */
    public function of(string $key, \Closure $make): object
    {
        $one = $this->all[$key] ?? $make();
        unset($this->all[$key]);
        $this->all[$key] = $one;
        if (count($this->all) > $this->most) {
            unset($this->all[array_key_first($this->all)]);
        }

        return $one;
    }
}
