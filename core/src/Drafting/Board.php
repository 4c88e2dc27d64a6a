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

    /** The draft in which it switches nothing on to this terminal, in no step. */
    public function silentOn(string $terminal): Draft
    {
        $ends = static fn (array $output): bool => in_array($terminal, [$output['from'] ?? null, $output['to'] ?? null], true);
        $gone = array_keys(array_filter($this->all('outputs'), $ends));
        if ($gone === []) {
            return $this->draft;
        }
        $steps = array_map(static function (array $step) use ($gone): array {
            $on = is_array($step['on'] ?? null) ? $step['on'] : [];
            $on = array_values(array_filter($on, static fn (mixed $output): bool => ! in_array($output, $gone, true)));

            return [...array_diff_key($step, ['on' => 0]), ...($on === [] ? [] : ['on' => $on])];
        }, $this->all('steps'));

        $without = $this->saying('outputs', array_diff_key($this->all('outputs'), array_flip($gone)));

        return self::of($without, $this->id)->saying('steps', $steps);
    }

    /** @param  array<string, array<mixed>>  $all */
    private function saying(string $of, array $all): Draft
    {
        return $this->draft->withPart($this->id, [...$this->part, 'program' => [...$this->program, $of => $all]]);
    }
}
