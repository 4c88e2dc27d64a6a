<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** A function was asked for where its instrument does not go. */
final class WrongInstrument extends MeterException
{
    private function __construct(public readonly MeterFunction $function, string $message)
    {
        parent::__construct($message);
    }

    public static function notADeadTest(MeterFunction $function): self
    {
        return new self($function, "\"$function->value\" is not a test that a meter makes by itself on a dead circuit.");
    }

    public static function seriesOnPoints(): self
    {
        return new self(MeterFunction::MicroampsDc, 'Microamperes are read in series with a wire: name the wire.');
    }

    public static function clampOnPoints(): self
    {
        return new self(MeterFunction::Amps, 'A clamp goes round conductors, not on points: name wires.');
    }
}
