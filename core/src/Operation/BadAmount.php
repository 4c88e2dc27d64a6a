<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Parts\Fault;

/** How bad a fault is to be was given, and cannot be so. */
final class BadAmount extends OperationException
{
    private function __construct(public readonly Fault $fault, public readonly string $amount, string $message)
    {
        parent::__construct($message);
    }

    public static function ofFaultWithoutDegrees(Fault $fault, string $amount): self
    {
        return new self($fault, $amount, "{$fault->id()} has no degrees: leave out \"=$amount\".");
    }

    public static function notAboveNothing(Fault $fault, string $amount): self
    {
        return new self(
            $fault,
            $amount,
            "\"$amount\" is not an amount for {$fault->id()}: give a number above nothing, in {$fault->mode->amountUnit}.",
        );
    }
}
