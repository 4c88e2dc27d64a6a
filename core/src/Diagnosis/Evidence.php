<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\UnknownName;

/** Something learned about the unit: what a test showed, and on what occasion. */
final readonly class Evidence
{
    /** @param  float|string|null  $shown  what was seen, or SI; null for OL */
    public function __construct(public Test $test, public float|string|null $shown, public Occasion $when)
    {
    }

    /** The same for the same test on the same occasion, whichever way round the leads were held. */
    public function key(): string
    {
        return $this->test->key().' '.$this->when->key();
    }

    /** What was learned, in a few words. */
    public function words(): string
    {
        return $this->test->result($this->shown);
    }

    /**
     * How each variant explains it.
     *
     * @return non-empty-list<Fit>
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function fits(Predictor $predictor): array
    {
        return $this->test->fits($predictor, $this->when, $this->shown);
    }

    /** Whether a healthy unit shows it, as a technician would say it does. */
    public function isAsHealthy(Predictor $predictor): bool
    {
        return $this->test->isAsHealthy($predictor, $this->when, $this->shown);
    }
}
