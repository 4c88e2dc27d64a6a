<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** What a control board of a draft does: what it senses, what it switches, and its steps, each as the file has them. */
final readonly class Board
{
    /**
     * @param  array<string, mixed>  $part
     * @param  array<mixed>  $program
     */
    private function __construct(private Draft $draft, private string $id, private array $part, private array $program)
    {
    }

    /** @throws CannotEdit for what is no board */
    public static function of(Draft $draft, string $id): self
    {
        $part = $draft->part($id);
        $program = $part['program'] ?? null;

        return is_array($program) ? new self($draft, $id, $part, $program) : throw CannotEdit::noBoard($id);
    }

    /** @return array<string, array<mixed>> of `inputs`, `outputs` or `steps`, by name */
    public function all(string $of): array
    {
        $all = [];
        foreach (is_array($this->program[$of] ?? null) ? $this->program[$of] : [] as $name => $one) {
            $all[(string) $name] = is_array($one) ? $one : [];
        }

        return $all;
    }

    /**
     * The draft with one input, output or step more, or another one in its place.
     *
     * @param  array<mixed>  $one
     *
     * @throws CannotEdit
     */
    public function with(string $of, string $name, array $one): Draft
    {
        if (preg_match('/^[a-z][a-z0-9_]*$/', $name) !== 1) {
            throw CannotEdit::name($name, 'it is named in small letters, digits and _, such as lock_out');
        }

        return $this->saying($of, [...$this->all($of), $name => $one]);
    }

    /** @throws CannotEdit for what is not there */
    public function without(string $of, string $name): Draft
    {
        $all = $this->all($of);
        if (! isset($all[$name])) {
            throw CannotEdit::none(substr($of, 0, -1)." of $this->id", $name);
        }
        unset($all[$name]);

        return $this->saying($of, $all);
    }

    /** @param  array<string, array<mixed>>  $all */
    private function saying(string $of, array $all): Draft
    {
        return $this->draft->withPart($this->id, [...$this->part, 'program' => [...$this->program, $of => $all]]);
    }
}
