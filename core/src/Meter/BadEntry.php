<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** A reading was typed that cannot be one. The message says what to type instead. */
final class BadEntry extends \DomainException
{
}
