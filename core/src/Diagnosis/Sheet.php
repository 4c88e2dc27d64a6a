<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** The outcomes of tests on one occasion: by test, a byte for each variant. */
final class Sheet implements Page
{
    use Growing;

    /** @var array<string, string> by test */
    private array $rows = [];

    #[\Override]
    public function __construct()
    {
    }

    /**
     * @param  \Closure(): list<non-empty-list<int>>  $make  variants by outcome
     * @return string the outcome of each variant
     */
    public function row(string $test, \Closure $make): string
    {
        if (! isset($this->rows[$test])) {
            $this->hasGrown = true;
            $row = [];
            foreach ($make() as $n => $variants) {
                foreach ($variants as $v) {
                    // past two hundred and fifty classes the rest are one
                    $row[$v] = chr(min($n, 255));
                }
            }
            ksort($row);
            $this->rows[$test] = implode('', $row);
        }

        return $this->rows[$test];
    }
}
