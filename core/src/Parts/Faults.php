<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** The faults in force together, sorted out by what they sit in. */
final readonly class Faults
{
    /**
     * @param  list<InjectedFault>  $all
     * @param  array<string, array<string, float|null>>  $modes  how bad each is, by part or wire and mode
     */
    private function __construct(public array $all, private array $modes)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public static function of(InjectedFault ...$faults): self
    {
        $modes = [];
        foreach ($faults as $injected) {
            $modes[$injected->fault->target][$injected->fault->mode->id] = $injected->amount;
        }

        return new self(array_values($faults), $modes);
    }

    /** These and some more; one that is there already takes the new amount. */
    public function with(InjectedFault ...$more): self
    {
        return self::of(
            ...$this->without(...array_map(static fn (InjectedFault $f): Fault => $f->fault, array_values($more)))->all,
            ...$more,
        );
    }

    public function without(Fault ...$gone): self
    {
        $ids = array_map(static fn (Fault $f): string => $f->id(), $gone);

        return self::of(...array_filter($this->all, static fn (InjectedFault $f): bool => ! in_array($f->fault->id(), $ids, true)));
    }

    /** @return array<string, float|null> the modes of one part or wire, each with how bad it is; null where that is the usual */
    public function in(string $target): array
    {
        return $this->modes[$target] ?? [];
    }

    /** @return list<string> the parts and wires that have any */
    public function targets(): array
    {
        return array_map(strval(...), array_keys($this->modes));
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (InjectedFault $f): string => $f->id(), $this->all);
    }

    public function isEmpty(): bool
    {
        return $this->all === [];
    }

    public function equals(self $other): bool
    {
        return $this->modes === $other->modes;
    }
}
