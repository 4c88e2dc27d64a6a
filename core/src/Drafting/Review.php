<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Checks\Slips\Slips;
use Levin\Core\Checks\Slips\Wrong;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\Operation\Model;

/** A draft looked through: what is wrong with it, where, and what of it can be drawn meanwhile. */
final readonly class Review
{
    /**
     * @param  Model|null  $model  to draw; null where not even that can be done
     * @param  list<Wrong>  $wrong  what bars first
     */
    private function __construct(public ?Model $model, public array $wrong)
    {
    }

    public static function of(Draft $draft): self
    {
        try {
            $model = new Model($draft->circuit());

            return new self($model, Slips::in($model));
        } catch (InvalidCircuit $e) {
            return new self(
                $e->sketch === null ? null : new Model($e->sketch),
                array_map(static fn (Problem $p): Wrong => self::wrong($p, $draft), $e->problems),
            );
        }
    }

    /** Whether it can be used: something may still look odd about it. */
    public function isSound(): bool
    {
        return ($this->wrong[0] ?? null)?->bars !== true;
    }

    private static function wrong(Problem $problem, Draft $draft): Wrong
    {
        $on = str_starts_with($problem->where, 'wire ') ? substr($problem->where, strlen('wire ')) : $problem->where;
        // a path in the file such as wires.w12.colour
        foreach ([$on, ...explode('.', $on)] as $name) {
            if (isset($draft->parts()[$name]) || isset($draft->wires()[$name])) {
                return new Wrong($name, $problem->what, $problem->remedy, true, $problem->line);
            }
        }
        $what = $problem->where === '' ? $problem->what : ucfirst("$problem->where: ").$problem->what;

        return new Wrong('', $what, $problem->remedy, true, $problem->line);
    }
}
