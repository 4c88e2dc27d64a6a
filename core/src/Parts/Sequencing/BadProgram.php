<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Parts\UnusablePart;

/** A board's program does not fit together, or not its board. */
final class BadProgram extends UnusablePart
{
    /** @param  list<string>  $terminals  the board's */
    public static function unknownTerminal(string $where, string $name, array $terminals): self
    {
        $near = UnknownName::nearest($name, $terminals);

        return new self(
            "$where uses the terminal \"$name\", which the board does not have.",
            $near === null ? 'Use one of: '.implode(', ', $terminals).'.' : "Did you mean $near?",
        );
    }

    public static function stepCalledOff(): self
    {
        return new self('"off" is what a board without power does and cannot be a step.', 'Give the step another name.');
    }

    /** @param  list<string>  $outputs */
    public static function unknownOutput(Step $step, string $name, array $outputs): self
    {
        return new self(
            "Step \"$step->name\" turns on \"$name\", which is not among the outputs.",
            'The outputs are: '.implode(', ', $outputs).'.',
        );
    }

    /** @param  list<string>  $steps */
    public static function unknownStep(Step $step, string $name, array $steps): self
    {
        return new self(
            "Step \"$step->name\" goes to \"$name\", which is not among the steps.",
            'The steps are: '.implode(', ', $steps).'.',
        );
    }

    public static function countOfNothing(Step $step, Guard $guard): self
    {
        return new self("Step \"$step->name\" asks for \"$guard->text\".", "Nothing adds to $guard->name.");
    }

    /** @param  list<string>  $inputs */
    public static function unknownInput(Step $step, Guard $guard, array $inputs): self
    {
        return new self("Step \"$step->name\" asks for \"$guard->text\".", 'The inputs are: '.implode(', ', $inputs).'.');
    }
}
