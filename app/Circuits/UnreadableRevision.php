<?php

declare(strict_types=1);

namespace App\Circuits;

use Levin\Core\File\InvalidCircuit;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A revision that was sound when it was taken in cannot be read by this version of Levin. */
final class UnreadableRevision extends ConflictHttpException
{
    private function __construct(public readonly CircuitRevision $revision, InvalidCircuit $why)
    {
        parent::__construct(
            "The circuit \"$revision->title\", revision $revision->number, cannot be read by this version of Levin: "
            ."{$why->problems[0]} The call and its log are kept; export it, or put the former version back.",
            $why,
        );
    }

    public static function of(CircuitRevision $revision, InvalidCircuit $why): self
    {
        return new self($revision, $why);
    }
}
