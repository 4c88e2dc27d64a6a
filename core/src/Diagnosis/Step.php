<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** One order on the way to a test. One that changes how the unit stands is confirmed when it is done. */
final readonly class Step
{
    /**
     * @param  string  $target  the wire, condition, part or jumper it is about; empty for an order that changes nothing
     * @param  bool  $on  what a condition is set to
     */
    private function __construct(public StepKind $kind, public string $order, public string $target = '', public bool $on = false)
    {
    }

    public static function order(string $order): self
    {
        return new self(StepKind::Order, $order);
    }

    public static function act(Test $test, Circuit $circuit): self
    {
        return new self(StepKind::Act, $test->order($circuit));
    }

    public static function deed(StepKind $kind, string $order, string $target = '', bool $on = false): self
    {
        return new self($kind, $order, $target, $on);
    }
}
