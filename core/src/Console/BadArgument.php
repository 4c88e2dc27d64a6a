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

    public static function notOneWire(): self
    {
        return new self('probes', 'uadc takes one wire: the meter goes in series with it.');
    }

    public static function number(string $option, string $given): self
    {
        return new self($option, "--$option $given: give a number.");
    }

    public static function minutes(): self
    {
        return new self('minutes', '--minutes: an insulation test is read after 1 minute, or 10, or any time from one on.');
    }

    public static function insulation(string $given): self
    {
        return new self('insulation', "--insulation $given: older or thermosetting.");
    }

    public static function testVolts(string $given): self
    {
        return new self('volts', "--volts $given: the tester has 250, 500 and 1000 V.");
    }

    public static function pair(string $given): self
    {
        return new self('given', "\"$given\" is not KEY=VALUE. Write for example ab=118.");
    }

    public static function strategy(): self
    {
        return new self('strategy', '--strategy is levin, series or random.');
    }

    public static function sort(string $given, string $there): self
    {
        return new self('kinds', "--kinds $given: there are $there.");
    }

    public static function share(string $given): self
    {
        return new self('share', "--share $given: write which share of how many, such as 1/2 and 2/2, up to 99.");
    }

    public static function keep(string $file): self
    {
        return new self('keep', "--keep $file: it cannot be written there. Name a file in a folder that can be written to.");
    }
}
