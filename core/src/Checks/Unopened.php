<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Kind;

/** A current no unit can stand that flows in what a circuit has come to, and that nothing opens. */
final readonly class Unopened
{
    /** A unit with everything on takes no more than its loads' rated current; motors held locked take some seven times theirs. */
    private const TIMES = 10.0;

    /** Less than this is no short on a supply, amperes: what a small control circuit can take is left to its fuse. */
    private const LEAST = 60.0;

    /**
     * @param  string  $source  part id of the supply
     * @param  list<string>  $through  ids of the parts and wires that carry it, parts first
     */
    private function __construct(public string $source, public float $amps, public array $through, public ?int $line)
    {
    }

    /** Nothing when all is well. */
    public static function in(Settled $settled): ?self
    {
        $model = $settled->model;
        $rated = 0.0;
        foreach ($model->parts as $kind) {
            $rated += $kind->demand()->amps ?? 0.0;
        }
        $most = 0.0;
        $source = '';
        foreach ($model->feeding as $id) {
            $kind = $model->component($id);
            $amps = $kind instanceof Kind && $kind->sourceTerminals() !== [] ? $settled->currentOf($id) : 0.0;
            if ($amps > $most) {
                [$most, $source] = [$amps, $id];
            }
        }
        if ($most <= max(self::LEAST, self::TIMES * $rated)) {
            return null;
        }
        $circuit = $model->circuit;
        $parts = array_filter($circuit->parts, static fn ($p): bool => $p->id !== $source && $settled->currentOf($p->id) > $most / 2);
        $wires = array_filter($circuit->wires, static fn ($w): bool => $settled->wireCurrent($w->id)->abs() > $most / 2);
        $first = array_values([...$parts, ...$wires])[0] ?? $circuit->part($source);

        return new self($source, $most, array_map(strval(...), [...array_keys($parts), ...array_keys($wires)]), $first->line);
    }

    public function what(): string
    {
        $path = implode(', ', $this->through) ?: 'itself';

        return sprintf('%.0f A flow from %s through %s, and nothing opens: a short.', $this->amps, $this->source, $path);
    }

    public function remedy(): string
    {
        return 'Put the load that belongs in that path, or take the path out.';
    }

    public function words(): string
    {
        return ($this->line === null ? '' : "line $this->line: ").$this->what().' '.$this->remedy();
    }
}
