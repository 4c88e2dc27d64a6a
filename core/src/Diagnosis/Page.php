<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Something worked out that is worth keeping. */
interface Page
{
    public function __construct();

    /** Whether anything has come to it since it was last asked. */
    public function hasGrown(): bool;
}
