<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Something of each variant, worked out once.
 *
 * @template T
 */
final class ByVariant
{
    /** @var array<int, T> */
    private array $known = [];

    /** @param  \Closure(list<int>): array<int, T>  $work  of some */
    public function __construct(private readonly \Closure $work)
    {
    }

    /**
     * @param  list<int>  $variants  all of each suspect's
     * @return array<int, T> by variant, in that order
     */
    public function of(array $variants): array
    {
        $missing = array_keys(array_diff_key(array_flip($variants), $this->known));
        if ($missing !== []) {
            $this->known += ($this->work)($missing);
        }
        $own = [];
        foreach ($variants as $v) {
            $own[$v] = $this->known[$v];
        }

        return $own;
    }
}
