<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

/** Plate values that cannot all be true of one machine. */
final class PlateContradiction extends \DomainException
{
}
