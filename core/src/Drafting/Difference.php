<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/**
 * What one draft of a circuit has otherwise than another, in words and on the drawing.
 *
 * @phpstan-import-type WireData from Draft
 */
final class Difference
{
    /** @var list<Change> */
    private array $changes = [];

    private function __construct(private Draft $was, private readonly Draft $is)
    {
    }

    /** @return list<Change> parts first, then wires, then what surrounds them */
    public static function between(Draft $was, Draft $is): array
    {
        $found = new self($was, $is);
        $found->parts();
        $found->wires();
        $found->world();

        return $found->changes;
    }

    private function say(string $on, Sort $sort, string $words): void
    {
        $this->changes[] = new Change($on, $sort, $words);
    }

    private function parts(): void
    {
        // what is only called otherwise is the same from here on
        foreach ($this->renamed() as $old => $new) {
            $this->say($new, Sort::Changed, "$old is called $new");
            $this->was = $this->was->calling($old, $new);
        }
        [$was, $is] = [$this->was->parts(), $this->is->parts()];
        foreach (array_diff_key($was, $is) as $id => $part) {
            $this->say((string) $id, Sort::Gone, self::label($part)." $id taken out");
        }
        foreach (array_diff_key($is, $was) as $id => $part) {
            $this->say((string) $id, Sort::New, self::label($part)." $id put in: ".self::text($part['kind'] ?? ''));
        }
        foreach (array_intersect_key($is, $was) as $id => $part) {
            if ($was[$id] !== $part) {
                $this->part((string) $id, $was[$id], $part);
            }
        }
    }

    /**
     * Parts that are gone and parts that are new, alike in all but their letters.
     *
     * @return array<string, string> the new name, by the old one
     */
    private function renamed(): array
    {
        [$was, $is] = [$this->was->parts(), $this->is->parts()];
        $called = [];
        foreach (array_diff_key($was, $is) as $old => $part) {
            foreach (array_diff_key($is, $was) as $name => $other) {
                if ($other == $part && ! in_array($name, $called, true)) {
                    $called[$old] = $name;
                    break;
                }
            }
        }

        return $called;
    }

    /**
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $is
     */
    private function part(string $id, array $was, array $is): void
    {
        foreach (['kind', 'label', 'place', 'case'] as $key) {
            if (($was[$key] ?? '') !== ($is[$key] ?? '')) {
                $this->say($id, Sort::Changed, "$id, $key: ".self::fromTo($was[$key] ?? '', $is[$key] ?? ''));
            }
        }
        foreach (['plate' => '', 'printed' => 'printed, '] as $key => $words) {
            [$old, $new] = [(array) ($was[$key] ?? []), (array) ($is[$key] ?? [])];
            foreach (array_keys($old + $new) as $field) {
                if (($old[$field] ?? null) != ($new[$field] ?? null)) {
                    $this->say($id, Sort::Changed, "$id, $words$field: ".self::fromTo($old[$field] ?? '', $new[$field] ?? ''));
                }
            }
        }
        $listed = static fn (array $part): string => implode(', ', array_map(self::text(...), (array) ($part['terminals'] ?? [])));
        $terminals = array_map($listed, [$was, $is]);
        if ($terminals[0] !== $terminals[1]) {
            $this->say($id, Sort::Changed, "$id, terminals: ".self::fromTo(...$terminals));
        }
        if (($was['program'] ?? null) != ($is['program'] ?? null)) {
            $this->program($id);
        }
    }

    private function program(string $id): void
    {
        $old = ($this->was->parts()[$id]['program'] ?? null) === null ? null : Board::of($this->was, $id);
        $new = ($this->is->parts()[$id]['program'] ?? null) === null ? null : Board::of($this->is, $id);
        foreach (['inputs' => 'input', 'outputs' => 'output', 'steps' => 'step'] as $of => $one) {
            [$before, $after] = [$old?->all($of) ?? [], $new?->all($of) ?? []];
            foreach (array_keys($before + $after) as $name) {
                if (($before[$name] ?? null) != ($after[$name] ?? null)) {
                    $is = isset($after[$name]) ? self::said($of, $after[$name]) : 'taken out';
                    $this->say($id, Sort::Changed, "$id, $one $name: $is");
                }
            }
        }
    }

    /** @param  array<mixed>  $one */
    private static function said(string $of, array $one): string
    {
        return $of === 'steps' ? implode('; ', StepWords::of($one)) : self::text($one['from'] ?? '').' to '.self::text($one['to'] ?? '');
    }

    private function wires(): void
    {
        [$was, $is] = [$this->was->wires(), $this->is->wires()];
        foreach (array_diff_key($was, $is) as $id => $wire) {
            $this->say((string) $id, Sort::Gone, self::wire($wire)." $id taken out");
        }
        foreach (array_diff_key($is, $was) as $id => $wire) {
            $this->say((string) $id, Sort::New, self::wire($wire)." $id put in");
        }
        foreach (array_intersect_key($is, $was) as $id => $wire) {
            foreach (['from', 'to', 'colour', 'gauge', 'length', 'bundle'] as $key) {
                [$old, $new] = [$was[$id][$key] ?? '', $wire[$key] ?? ''];
                if ($old != $new) {
                    $this->say((string) $id, Sort::Changed, "$id, $key: ".self::fromTo($old, $new));
                }
            }
        }
    }

    private function world(): void
    {
        foreach (['places' => 'place', 'conditions' => 'condition', 'quantities' => 'quantity'] as $of => $one) {
            [$was, $is] = [$this->was->world($of), $this->is->world($of)];
            foreach (array_keys($was + $is) as $name) {
                if (($was[$name] ?? null) != ($is[$name] ?? null)) {
                    $how = match (true) {
                        ! isset($is[$name]) => 'taken out',
                        isset($was[$name]) => 'changed',
                        default => 'put in',
                    };
                    $this->say('', Sort::Changed, "$one ".self::label($is[$name] ?? $was[$name])." $how");
                }
            }
        }
    }

    /** @param  array<mixed>  $of */
    private static function label(array $of): string
    {
        return self::text($of['label'] ?? '');
    }

    /** @param  WireData  $wire */
    private static function wire(array $wire): string
    {
        return "{$wire['colour']} wire {$wire['from']} – {$wire['to']}";
    }

    private static function fromTo(mixed $was, mixed $is): string
    {
        return (self::text($was) ?: 'nothing').' → '.(self::text($is) ?: 'nothing');
    }

    private static function text(mixed $value): string
    {
        return is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');
    }
}
