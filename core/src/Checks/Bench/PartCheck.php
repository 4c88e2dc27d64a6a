<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/**
 * A way to judge one part by what can be read off a meter and a plate. One class in a family folder of Checks is one check; adding a file
 * there adds it to the bench, to `levin bench` and to docs/checks.md.
 */
abstract class PartCheck
{
    /** As it is called on the command line and in addresses. */
    abstract public function name(): string;

    abstract public function title(): string;

    /** How it is taken, as an order. */
    abstract public function how(): string;

    /** The usual mistake in taking it. */
    abstract public function mistake(): string;

    /** What can hurt. */
    abstract public function caution(): string;

    /** What it says nothing about. */
    abstract public function leavesOut(): string;

    /** @return list<string> parts, symptoms and numbers by which it is found, in lower case */
    abstract public function words(): array;

    /** @return list<Entry> */
    abstract public function entries(): array;

    /** @throws BadGiven for what cannot be so together */
    abstract public function judge(Given $given): Judgement;

    /**
     * @param  array<string, string>  $typed  by the entry's name
     *
     * @throws BadGiven
     */
    final public function of(array $typed): Judgement
    {
        return $this->judge(Given::read($this->entries(), $typed));
    }
}
