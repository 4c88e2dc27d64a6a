<?php

declare(strict_types=1);

namespace Levin\Core\Console;

/** A command was given something it cannot use. */
final class BadArgument extends ConsoleException
{
    private function __construct(public readonly string $argument, string $message)
    {
        parent::__construct($message);
    }

    /** @param  list<string>  $functions */
    public static function function(string $name, array $functions): self
    {
        return new self('function', "There is no meter function \"$name\". Use one of: ".implode(', ', $functions).'.');
    }

    public static function noWires(): self
    {
        return new self('probes', 'Name the wires the clamp goes round.');
    }

    public static function notTwoPoints(string $function): self
    {
        return new self('probes', "$function takes two points: the red probe's and the black one's.");
    }

    public static function turns(): self
    {
        return new self('turns', '--turns is a whole number from 1 to 100.');
    }

    public static function celsius(string $given): self
    {
        return new self('celsius', "--celsius $given: give a number of degrees.");
    }

    public static function testVolts(string $given): self
    {
        return new self('volts', "--volts $given: the tester has 250, 500 and 1000 V.");
    }
}
