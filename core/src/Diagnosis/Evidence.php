<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;

/** Something learned about the unit, under the conditions in which it was learned. */
interface Evidence
{
    public function conditions(): Conditions;

    /** The same for the same test under the same conditions, whichever way round the leads are held. */
    public function test(): string;

    /** What was learned, in a few words. */
    public function words(): string;

    /**
     * How each suspect explains it.
     *
     * @return non-empty-list<Fit>
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function fits(Predictor $predictor): array;

    /** Whether a healthy unit shows it, as a technician would say it does. */
    public function isAsHealthy(Predictor $predictor): bool;
}
