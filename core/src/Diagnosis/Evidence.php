<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** Something learned about the unit, under the conditions in which it was learned. */
interface Evidence
{
    public function conditions(): Conditions;
}
