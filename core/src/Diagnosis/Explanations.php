<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How the suspects of one line-up explain pieces of evidence, each worked out once. */
final class Explanations
{
    /** @var array<string, array<int, Fit>> by what the evidence says, and variant */
    private array $known = [];

    public function __construct(private readonly Predictor $predictor)
    {
    }

    /**
     * Some variants'.
     *
     * @param  list<int>  $variants  all of each suspect's
     * @return array<int, Fit> by variant, in that order
     *
     * @throws \Levin\Core\Circuit\UnknownName when it names a part or point the circuit does not have
     */
    public function of(Evidence $item, array $variants): array
    {
        $known = $this->known[$item->says()] ?? [];
        $missing = array_keys(array_diff_key(array_flip($variants), $known));
        if ($missing !== []) {
            $known += $item->fits($this->predictor, $missing);
            $this->known[$item->says()] = $known;
        }

        $own = [];
        foreach ($variants as $v) {
            $own[$v] = $known[$v];
        }

        return $own;
    }
}
