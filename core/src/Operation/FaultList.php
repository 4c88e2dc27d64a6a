<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/** Every fault that the parts and wires of a circuit can have. */
final readonly class FaultList
{
    /** Rarer failure modes are not suspects of their own. */
    private const SUSPECTED = 0.1;

    /** @param  array<string, Fault>  $all  by fault id */
    private function __construct(public array $all)
    {
    }

    /** @param  iterable<Component>  $components */
    public static function of(iterable $components): self
    {
        $all = [];
        foreach ($components as $component) {
            foreach ($component->faults() as $mode) {
                $fault = new Fault($component->id, $mode, $component->describe($mode), $component->isWire());
                $all[$fault->id()] = $fault;
            }
        }

        return new self($all);
    }

    /** @return list<Fault> those common enough to be suspected; the rest can be injected and are looked for when these fail */
    public function suspects(): array
    {
        return array_values(array_filter($this->all, static fn (Fault $f): bool => $f->mode->weight >= self::SUSPECTED));
    }

    /** @return list<Fault> those of some parts and wires that are too rare to be suspected before the others fail, and have degrees */
    public function rarer(string ...$targets): array
    {
        return array_values(array_filter($this->all, static fn (Fault $f): bool => $f->mode->weight < self::SUSPECTED
            && $f->mode->levels !== [] && in_array($f->target, $targets, true)));
    }

    /** @throws UnknownName */
    public function find(string $id): Fault
    {
        return $this->all[$id] ?? throw UnknownName::fault($id, array_map(strval(...), array_keys($this->all)));
    }

    /**
     * A fault as people write it: `PART:MODE`, with `=AMOUNT` where it has degrees.
     *
     * @throws UnknownName
     * @throws BadAmount
     */
    public function parse(string $text): InjectedFault
    {
        $id = strstr($text, '=', true) ?: $text;
        $amount = $id === $text ? null : substr($text, strlen($id) + 1);
        $fault = $this->find($id);
        if ($amount === null) {
            return new InjectedFault($fault);
        }
        if ($fault->mode->amountUnit === '') {
            throw BadAmount::ofFaultWithoutDegrees($fault, $amount);
        }

        return is_numeric($amount) && (float) $amount > 0.0 && is_finite((float) $amount)
            ? new InjectedFault($fault, (float) $amount)
            : throw BadAmount::notAboveNothing($fault, $amount);
    }

    /**
     * @param  list<string>  $texts
     *
     * @throws UnknownName
     * @throws BadAmount
     */
    public function parseAll(array $texts): Faults
    {
        return Faults::of(...array_map($this->parse(...), $texts));
    }
}
