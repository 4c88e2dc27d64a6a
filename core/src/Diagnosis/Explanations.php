<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Recent;

/** How the suspects of one line-up explain pieces of evidence, each worked out once. */
final class Explanations
{
    /** Pieces at hand: those of a call, and of what is thought of ahead of it. */
    private const PIECES = 96;

    /** @var Recent<ByVariant<Fit>> by what the evidence says */
    private readonly Recent $known;

    public function __construct(private readonly Predictor $predictor)
    {
        $this->known = new Recent(self::PIECES);
    }

    /**
     * Some variants'.
     *
     * @param  list<int>  $variants  all of each suspect's
     * @return array<int, Fit> by variant, in that order
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function of(Evidence $item, array $variants): array
    {
        return $this->known->of($item->says(), fn (): ByVariant => new ByVariant(
            fn (array $missing): array => $item->fits($this->predictor, $missing),
        ))->of($variants);
    }
}
