<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** Something wrong with a circuit as it was drawn or typed, on the part or wire where it is wrong. */
final readonly class Wrong
{
    /**
     * @param  string  $on  part or wire id; empty for what is wrong with all of it
     * @param  bool  $bars  whether nothing can be held to the circuit until it is mended
     */
    public function __construct(public string $on, public string $what, public string $remedy, public bool $bars, public ?int $line = null)
    {
    }

    /** On a part or a wire of a circuit that can be computed. */
    public static function with(Drawn $drawn, string $id, string $what, string $remedy, bool $bars = false): self
    {
        $circuit = $drawn->model->circuit;

        return new self($id, $what, $remedy, $bars, ($circuit->parts[$id] ?? $circuit->wires[$id] ?? null)?->line);
    }

    #[\Override]
    public function __toString(): string
    {
        $at = $this->line === null ? '' : "line $this->line: ";

        return $at.($this->on === '' ? '' : "$this->on: ")."$this->what $this->remedy";
    }
}
