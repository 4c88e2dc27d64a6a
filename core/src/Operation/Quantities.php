<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Lag;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Circuit\Rule;

/** How the quantities of the world move with a unit as it is: each as the first of its rules that holds says. */
final readonly class Quantities
{
    /** A quantity that a part follows continuously is followed in steps of this share of its lag, */
    private const STEP = 0.25;

    /** until it is within this share of its way. */
    private const CLOSE = 0.02;

    /** A mark is passed by this share of the way, so that it lies behind. */
    private const PAST = 1e-9;

    public function __construct(private Model $model)
    {
    }

    /**
     * Quick ones that are not where they should be.
     *
     * @param  callable(string): string  $observed  what is seen of a part now
     * @return array<string, float> where they should be
     */
    public function quick(Conditions $conditions, callable $observed): array
    {
        $numbers = [];
        foreach ($this->model->marks->quick as $quantity) {
            $target = $this->rule($quantity, $conditions, $observed)?->lag->target;
            if ($target !== null && $target !== $conditions->number($quantity->name)) {
                $numbers[$quantity->name] = $target;
            }
        }

        return $numbers;
    }

    /**
     * Slow ones that are not yet where they are heading.
     *
     * @param  callable(string): string  $observed  what is seen of a part now
     * @return array<string, Lag> how each moves
     */
    public function moving(Conditions $conditions, callable $observed): array
    {
        $moving = [];
        foreach ($this->model->circuit->quantities as $name => $quantity) {
            $lag = $quantity->quick ? null : $this->rule($quantity, $conditions, $observed)?->lag;
            if ($lag !== null && abs($lag->target - $conditions->number($name)) > 1e-9 * (1.0 + abs($lag->target))) {
                $moving[$name] = $lag;
            }
        }

        return $moving;
    }

    /**
     * The first thing that happens as they move on: a level is reached at which something acts, or a part has to be told.
     *
     * @param  array<string, Lag>  $moving
     */
    public function next(array $moving, Conditions $conditions): Mark
    {
        $first = Mark::never();
        foreach ($moving as $name => $lag) {
            $from = $conditions->number($name);
            foreach ($this->model->marks->levels($name) as $level) {
                $after = $lag->reaches($from, $level);
                if ($after < $first->after) {
                    $first = new Mark($after, [$name => $level + ($lag->target - $from) * self::PAST]);
                }
            }
            if ($this->isFollowed($name, $lag, $from) && self::STEP * $lag->seconds < $first->after) {
                $first = new Mark(self::STEP * $lag->seconds, []);
            }
        }

        return $first;
    }

    /**
     * Where they are some seconds on.
     *
     * @param  array<string, Lag>  $moving
     * @return array<string, float>
     */
    public function after(array $moving, Conditions $conditions, float $seconds): array
    {
        $numbers = [];
        foreach ($moving as $name => $lag) {
            $numbers[$name] = $lag->after($conditions->number($name), $seconds);
        }

        return $numbers;
    }

    /** @param  callable(string): string  $observed */
    private function rule(Quantity $quantity, Conditions $conditions, callable $observed): ?Rule
    {
        foreach ($quantity->rules as $rule) {
            if (Clause::allHold($rule->when, $conditions, $observed)) {
                return $rule;
            }
        }

        return null;
    }

    /** Whether a part follows a quantity continuously that still has some way to go. */
    private function isFollowed(string $name, Lag $lag, float $from): bool
    {
        $size = max(abs($lag->target), abs($this->model->circuit->quantities[$name]->normal), 1e-9);

        return $this->model->marks->followers([$name]) !== [] && abs($lag->target - $from) > self::CLOSE * $size;
    }
}
