<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Terminals;

/** A terminal by the letters that the unit has for it, wherever it is named: on its wires, and in what the board does. */
final readonly class Terminal extends Edit
{
    public function __construct(private string $part, private string $terminal, private string $name)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $letters = Terminals::lettered($draft, $this->part);
        $terminal = array_search($this->terminal, $letters, true);
        if ($terminal === false) {
            throw CannotEdit::none("terminal of $this->part", $this->terminal);
        }
        if (in_array($this->name, $letters, true)) {
            throw CannotEdit::taken("$this->part.$this->name");
        }
        $named = Terminals::named($this->name);
        if (isset($own['terminals'])) {
            $own['terminals'] = array_map(fn (string $t): string => $t === $this->terminal ? $named : $t, array_values($letters));
        } else {
            $own = Terminals::with($own, array_replace($letters, [$terminal => $named]));
        }
        if (is_array($own['program'] ?? null)) {
            $own['program'] = $this->inProgram($own['program']);
        }

        return $draft->withPart($this->part, $own)->callingTerminals($this->part, [$this->terminal => $named]);
    }

    /**
     * @param  array<mixed>  $program
     * @return array<mixed>
     */
    private function inProgram(array $program): array
    {
        array_walk_recursive($program, function (mixed &$value, int|string $key): void {
            $value = in_array($key, ['from', 'to', 'fed_from'], true) && $value === $this->terminal ? $this->name : $value;
        });

        return $program;
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part.$this->terminal is called $this->name";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'terminal PART TERMINAL NAME';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);

        return new self($words[0], $words[1], $words[2]);
    }
}
