<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * One component of a unit as its circuit file states it: what it is, its plate, where it sits.
 */
final readonly class Part
{
    /**
     * @param  array<string, mixed>  $plate  plate values in SI units, already completed with the kind's defaults
     * @param  list<string>  $terminals  as its kind has them; the points are `ID.TERMINAL`, by the letters that this one has for it
     * @param  string  $case  the point its metal body is bonded to
     * @param  array<mixed>  $program  of a control board, as the file has it; valid against the schema
     * @param  array<string, string>  $printed  what the unit's own table says of what can be seen of it: flash codes
     * @param  array<string, string>  $letters  what is printed beside its terminals, of those that have other letters than its kind's
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $place,
        public array $plate,
        public array $terminals,
        public string $case,
        public ?int $line = null,
        public array $program = [],
        public array $printed = [],
        public array $letters = [],
    ) {
    }

    public function point(string $terminal): string
    {
        return $this->id.'.'.($this->letters[$terminal] ?? $terminal);
    }

    /** The terminal of its kind that one of its points is. */
    public function terminalOf(string $point): string
    {
        $letters = $this->lettersAt($point);
        $terminal = array_search($letters, $this->letters, true);

        return $terminal === false ? $letters : $terminal;
    }

    /** What is printed beside one of its points. */
    public function lettersAt(string $point): string
    {
        return substr($point, strlen($this->id) + 1);
    }

    /** @return list<string> its points but one */
    public function pointsBeside(string $point): array
    {
        return array_values(array_filter(
            array_map($this->point(...), $this->terminals),
            static fn (string $other): bool => $other !== $point,
        ));
    }

    /** A numeric plate value. The reader has checked that it is there and in range. */
    public function number(string $key): float
    {
        $value = $this->plate[$key] ?? null;

        return is_int($value) || is_float($value)
            ? (float) $value
            : throw new \LogicException("Plate value $this->id.$key is not a number.");
    }

    /** A text plate value, empty when the file leaves it out. */
    public function text(string $key): string
    {
        $value = $this->plate[$key] ?? '';

        return is_string($value) ? $value : throw new \LogicException("Plate value $this->id.$key is not text.");
    }

    public function has(string $terminal): bool
    {
        return in_array($terminal, $this->terminals, true);
    }

    /** The same part with its metal body bonded to another point. */
    public function onCase(string $point): self
    {
        return new self(
            $this->id, $this->kind, $this->label, $this->place, $this->plate, $this->terminals, $point, $this->line,
            $this->program, $this->printed, $this->letters,
        );
    }

    /** @param  array<string, mixed>  $plate values that take the place of those it has */
    public function withPlate(array $plate): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->label,
            $this->place,
            [...$this->plate, ...$plate],
            $this->terminals,
            $this->case,
            $this->line,
            $this->program,
            $this->printed,
            $this->letters,
        );
    }
}
