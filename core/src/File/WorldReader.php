<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\BadClause;
use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Lag;
use Levin\Core\Circuit\Place;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Circuit\Rule;

/** Reads what surrounds the wiring: conditions, quantities of the world, places. */
final readonly class WorldReader
{
    /** A lag that is none, seconds. */
    private const LEAST_LAG = 1e-3;

    public function __construct(private Problems $problems)
    {
    }

    /** @return array<string, Condition> */
    public function conditions(Node $file): array
    {
        $conditions = [];
        foreach ($file->children('conditions') as $name => $c) {
            $conditions[$name] = new Condition(
                $name,
                $c->text('label'),
                $c->flag('default'),
                $c->text('on', 'on'),
                $c->text('off', 'off'),
                $c->flag('power'),
                $c->flag('call'),
                $c->flag('put_back'),
            );
        }

        return $conditions;
    }

    /**
     * @param  array<string, Condition>  $conditions
     * @return array<string, Quantity>
     */
    public function quantities(Node $file, array $conditions): array
    {
        $quantities = [];
        foreach ($file->children('quantities') as $name => $q) {
            $rules = array_map(fn (Node $rule): Rule => $this->rule($name, $rule), $q->items('rules'));
            $quantities[$name] = new Quantity($name, $q->text('label'), $q->text('unit'), $q->number('normal'), $q->flag('quick'), $rules);
            if (isset($conditions[$name])) {
                $this->problems->at(['quantities', $name], $name, 'It is a condition as well.', 'Give one of the two another name.');
            }
        }

        return $quantities;
    }

    /** @return array<string, Place> */
    public function places(Node $file): array
    {
        $places = [];
        foreach ($file->children('places') as $id => $p) {
            $places[$id] = new Place($id, $p->text('label'), $p->number('minutes'));
        }

        return $places;
    }

    private function rule(string $quantity, Node $rule): Rule
    {
        $clauses = [];
        foreach ($rule->texts('when') as $text) {
            try {
                $clauses[] = Clause::parse($text);
            } catch (BadClause $e) {
                $this->problems->at(['quantities', $quantity], $quantity, $e->getMessage(), '');
            }
        }

        return new Rule($clauses, new Lag($rule->number('towards'), max(self::LEAST_LAG, $rule->number('lag'))));
    }
}
