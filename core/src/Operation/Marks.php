<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Parts\Component;

/** Where the quantities of the world touch a circuit: what follows them, and the levels at which something happens. */
final readonly class Marks
{
    /**
     * @param  list<Quantity>  $quick  those that are at their target at once
     * @param  array<string, list<string>>  $followers  components whose values depend on a quantity directly, by quantity
     * @param  array<string, list<float>>  $levels  of each quantity at which a part or a rule acts
     * @param  list<string>  $followed  quantities that something follows
     */
    private function __construct(public array $quick, private array $followers, private array $levels, public array $followed)
    {
    }

    /** @param  iterable<Component>  $components */
    public static function of(Circuit $circuit, iterable $components): self
    {
        $followers = $levels = [];
        foreach ($components as $component) {
            foreach ($component->senses() as $name) {
                $followers[$name][] = $component->id;
            }
            foreach ($component->setPoints() as [$name, $level]) {
                $levels[$name][] = $level;
            }
        }
        foreach ($circuit->quantities as $quantity) {
            foreach ($quantity->rules as $rule) {
                foreach ($rule->when as $clause) {
                    if ($clause->level !== null) {
                        $levels[$clause->subject][] = $clause->level;
                    }
                }
            }
        }

        $quick = array_values(array_filter($circuit->quantities, static fn (Quantity $q): bool => $q->quick));

        return new self($quick, $followers, $levels, array_map(strval(...), array_keys($followers)));
    }

    /**
     * @param  list<string>  $quantities
     * @return list<string> components whose values depend on any of these directly
     */
    public function followers(array $quantities): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (string $n): array => $this->followers[$n] ?? [], $quantities))));
    }

    /** @return list<float> */
    public function levels(string $quantity): array
    {
        return $this->levels[$quantity] ?? [];
    }
}
