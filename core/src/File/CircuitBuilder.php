<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\BadClause;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Lag;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Place;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Circuit\Rule;
use Levin\Core\Circuit\Section;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Circuit\Wire;
use Levin\Core\Circuit\WireGauge;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;
use Levin\Core\Parts\UnusablePart;

/**
 * Turns data of the right form into a circuit, checking everything the schema cannot: kinds, plates, points, reach.
 */
final class CircuitBuilder
{
    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<string, true> points that a wire lands on */
    private array $wired = [];

    public function __construct(private readonly string $file, private readonly LineIndex $lines)
    {
    }

    /**
     * @param  array<mixed>  $data  already valid against the schema
     *
     * @throws InvalidCircuit
     */
    public function build(array $data): Circuit
    {
        $conditions = [];
        foreach (self::map($data, 'conditions') as $name => $c) {
            $conditions[$name] = new Condition(
                $name,
                self::string($c, 'label'),
                (bool) ($c['default'] ?? false),
                self::string($c, 'on', 'on'),
                self::string($c, 'off', 'off'),
                (bool) ($c['power'] ?? false),
            );
        }
        $quantities = [];
        foreach (self::map($data, 'quantities') as $name => $q) {
            $quantities[$name] = $this->quantity($name, $q);
            if (isset($conditions[$name])) {
                $this->problem(
                    $this->lines->of(['quantities', $name]),
                    $name,
                    'It is a condition as well.',
                    'Give one of the two another name.',
                );
            }
        }
        $places = [];
        foreach (self::map($data, 'places') as $id => $p) {
            $places[$id] = new Place($id, self::string($p, 'label'), self::float($p, 'minutes'));
        }
        $earth = self::string($data, 'earth');
        foreach (self::map($data, 'wires') as $w) {
            $this->wired[self::string($w, 'from')] = $this->wired[self::string($w, 'to')] = true;
        }
        $parts = [];
        foreach (self::map($data, 'parts') as $id => $p) {
            $part = $this->part($id, $p, $earth, $places, $conditions, $quantities);
            if ($part !== null) {
                $parts[$id] = $part;
            }
        }
        $points = [];
        foreach ($parts as $part) {
            foreach ($part->terminals as $terminal) {
                $points[] = $part->point($terminal);
            }
        }
        $wires = [];
        foreach (self::map($data, 'wires') as $id => $w) {
            $wires[$id] = new Wire(
                $id,
                self::string($w, 'from'),
                self::string($w, 'to'),
                self::string($w, 'colour'),
                WireGauge::from((int) self::float($w, 'gauge')),
                self::float($w, 'length'),
                self::string($w, 'case', $earth),
                $this->lines->of(['wires', $id]),
                self::string($w, 'bundle'),
            );
        }
        $given = self::child($data, 'references');
        $references = array_map(
            static fn (string $zone): array => array_values(array_filter((array) ($given[$zone] ?? []), is_string(...))),
            ['control' => 'control', 'line' => 'line', 'ground' => 'ground'],
        );
        $ladder = array_map(self::section(...), array_values(array_filter((array) ($data['ladder'] ?? []), is_array(...))));
        $this->checkPoints($points, $parts, $wires, $earth, $references, $ladder);
        if ($this->problems === []) {
            $this->checkReach($parts);
            $this->checkRules($quantities, $parts, $conditions);
        }
        if ($this->problems !== []) {
            throw new InvalidCircuit($this->file, $this->problems);
        }

        return new Circuit(
            self::string($data, 'id'),
            self::string($data, 'title'),
            self::string($data, 'family'),
            self::string($data, 'supply'),
            self::float($data, 'frequency'),
            $earth,
            $references,
            $places,
            $parts,
            $wires,
            $conditions,
            $ladder,
            $quantities,
        );
    }

    /**
     * @param  array<mixed>  $data
     * @param  array<string, Place>  $places
     * @param  array<string, Condition>  $conditions
     * @param  array<string, Quantity>  $quantities
     */
    private function part(string $id, array $data, string $earth, array $places, array $conditions, array $quantities): ?Part
    {
        $line = $this->lines->of(['parts', $id]);
        $kind = self::string($data, 'kind');
        $definition = Catalogue::definition($kind);
        if ($definition === null) {
            $near = UnknownName::nearest($kind, array_keys(Catalogue::classes()));
            $this->problem(
                $line,
                $id,
                "There is no kind \"$kind\".",
                $near === null ? 'The kinds are: '.implode(', ', array_keys(Catalogue::classes())).'.' : "Did you mean $near?",
            );

            return null;
        }
        $place = self::string($data, 'place');
        if (! isset($places[$place])) {
            $this->problem(
                $line,
                $id,
                "It sits in \"$place\", which is not among the places.",
                'Use one of: '.implode(', ', array_keys($places)).'.',
            );
        }
        $terminals = array_values(array_filter((array) ($data['terminals'] ?? []), is_string(...)));
        if ($definition->terminals !== [] && $terminals !== []) {
            $this->problem(
                $line,
                $id,
                "A $kind has the terminals ".implode(', ', $definition->terminals).' and no others.',
                'Remove its "terminals".',
            );
        }
        if ($definition->terminals === [] && $terminals === []) {
            $this->problem($line, $id, "A $kind must list its terminals.", 'Add "terminals: [R, C]" or the like.');
        }
        $program = self::child($data, 'program');
        if ($definition->programmed !== ($program !== [])) {
            $this->problem(
                $line,
                $id,
                $definition->programmed ? "A $kind needs a program." : "A $kind takes no program.",
                $definition->programmed ? 'Add "program:" with power, inputs, outputs and steps.' : 'Remove its "program".',
            );
        }
        $before = count($this->problems);
        $plate = $this->plate($line, $id, $definition, self::child($data, 'plate'), $conditions, $quantities);
        $part = new Part(
            $id,
            $kind,
            self::string($data, 'label'),
            $place,
            $plate,
            $this->terminals($id, $definition) ?: $terminals,
            self::string($data, 'case', $earth),
            $line,
            $program,
        );
        if (count($this->problems) === $before) {
            $this->checkMachine($part, $line);
        }

        return $part;
    }

    /** @return list<string> the kind's own, without the optional ones that nothing is wired to */
    private function terminals(string $id, Definition $definition): array
    {
        return array_values(array_filter(
            $definition->terminals,
            fn (string $t): bool => ! in_array($t, $definition->optional, true) || isset($this->wired["$id.$t"]),
        ));
    }

    private function checkMachine(Part $part, ?int $line): void
    {
        try {
            Catalogue::component($part)->check();
        } catch (UnusablePart $e) {
            $this->problem($line, $part->id, $e->what, $e->remedy);
        }
    }

    /** @param  array<mixed>  $data */
    private function quantity(string $name, array $data): Quantity
    {
        $rules = [];
        foreach (array_values(array_filter((array) ($data['rules'] ?? []), is_array(...))) as $rule) {
            $clauses = [];
            foreach (array_filter((array) ($rule['when'] ?? []), is_string(...)) as $text) {
                try {
                    $clauses[] = Clause::parse($text);
                } catch (BadClause $e) {
                    $this->problem($this->lines->of(['quantities', $name]), $name, $e->getMessage(), '');
                }
            }
            $rules[] = new Rule($clauses, new Lag(self::float($rule, 'towards'), max(1e-3, self::float($rule, 'lag'))));
        }

        return new Quantity(
            $name,
            self::string($data, 'label'),
            self::string($data, 'unit'),
            self::float($data, 'normal'),
            ($data['quick'] ?? false) === true,
            $rules,
        );
    }

    /**
     * @param  array<string, Quantity>  $quantities
     * @param  array<string, Part>  $parts
     * @param  array<string, Condition>  $conditions
     */
    private function checkRules(array $quantities, array $parts, array $conditions): void
    {
        foreach ($quantities as $quantity) {
            $line = $this->lines->of(['quantities', $quantity->name]);
            foreach (array_merge(...array_map(static fn (Rule $r): array => $r->when, $quantity->rules)) as $clause) {
                [$known, $what] = match (true) {
                    $clause->isOfPart() => [array_keys($parts), 'parts'],
                    $clause->level !== null => [array_keys($quantities), 'quantities'],
                    default => [array_keys($conditions), 'conditions'],
                };
                if (! in_array($clause->subject, $known, true)) {
                    $near = UnknownName::nearest($clause->subject, array_map(strval(...), $known));
                    $this->problem(
                        $line,
                        $quantity->name,
                        "A rule asks for \"$clause->subject\", which is not among the $what.",
                        $near === null ? 'The '.$what.' are: '.implode(', ', $known).'.' : "Did you mean $near?",
                    );
                } elseif ($clause->isOfPart()) {
                    $words = Catalogue::component($parts[$clause->subject])->observables();
                    if (! in_array($clause->seen, $words, true)) {
                        $this->problem(
                            $line,
                            $quantity->name,
                            "A rule asks whether $clause->subject \"$clause->seen\".",
                            $words === [] ? 'Nothing is ever seen of that part.' : 'What is seen of it is: '.implode(', ', $words).'.',
                        );
                    }
                }
            }
        }
    }

    /**
     * @param  array<mixed>  $plate
     * @param  array<string, Condition>  $conditions
     * @param  array<string, Quantity>  $quantities
     * @return array<string, mixed>
     */
    private function plate(?int $line, string $id, Definition $definition, array $plate, array $conditions, array $quantities): array
    {
        $known = array_map(static fn (Field $f): string => $f->name, $definition->fields);
        foreach (array_diff(array_map(strval(...), array_keys($plate)), $known) as $extra) {
            $near = UnknownName::nearest($extra, $known);
            $this->problem(
                $line,
                $id,
                "Its plate has the unknown value \"$extra\".",
                $near === null ? "A $definition->kind takes: ".(implode(', ', $known) ?: 'none').'.' : "Did you mean $near?",
            );
        }
        $values = [];
        foreach ($definition->fields as $field) {
            $value = $plate[$field->name] ?? $field->default;
            $values[$field->name] = $value;
            if ($value === null) {
                $this->problem(
                    $line,
                    $id,
                    "Its plate lacks $field->name ($field->meaning).",
                    'Add it'.($field->unit === '' ? '.' : " in $field->unit."),
                );
            } elseif ($field->type === FieldType::Number && ! $field->admits($value)) {
                $this->problem(
                    $line,
                    $id,
                    "$field->name is ".(string) json_encode($value).'.',
                    "It must be a number from $field->minimum to $field->maximum".($field->unit === '' ? '.' : " $field->unit."),
                );
            } elseif ($field->type === FieldType::Choice && ! in_array($value, $field->choices, true)) {
                $this->problem(
                    $line,
                    $id,
                    "$field->name is ".(string) json_encode($value).'.',
                    'It must be one of: '.implode(', ', $field->choices).'.',
                );
            } elseif ($field->type === FieldType::Quantity && $value !== '' && ! (is_string($value) && isset($quantities[$value]))) {
                $this->problem(
                    $line,
                    $id,
                    "$field->name names the quantity ".(string) json_encode($value).', which is not among the quantities.',
                    $quantities === [] ? 'Add it under "quantities".' : 'Use one of: '.implode(', ', array_keys($quantities)).'.',
                );
            } elseif ($field->type === FieldType::Condition
                && ! ($value === '' && $field->default === '')
                && ! (is_string($value) && isset($conditions[$value]))) {
                $this->problem(
                    $line,
                    $id,
                    "$field->name names the condition ".(string) json_encode($value).', which is not among the conditions.',
                    'Use one of: '.implode(', ', array_keys($conditions)).'.',
                );
            }
        }

        return $values;
    }

    /**
     * @param  list<string>  $points
     * @param  array<string, Part>  $parts
     * @param  array<string, Wire>  $wires
     * @param  array<string, list<string>>  $references
     * @param  list<Section>  $ladder
     */
    private function checkPoints(array $points, array $parts, array $wires, string $earth, array $references, array $ladder): void
    {
        $check = function (?int $line, string $where, string $point) use ($points): void {
            if (! in_array($point, $points, true)) {
                $near = UnknownName::nearest($point, $points);
                $this->problem(
                    $line,
                    $where,
                    "There is no point $point.",
                    $near === null ? 'A point is PART.TERMINAL of a part in this file.' : "Did you mean $near?",
                );
            }
        };
        $check($this->lines->of(['earth']), 'earth', $earth);
        foreach (array_merge(...array_values($references)) as $point) {
            $check($this->lines->of(['references']), 'references', $point);
        }
        foreach ($parts as $part) {
            $check($part->line, $part->id, $part->case);
        }
        foreach ($wires as $wire) {
            $check($wire->line, "wire $wire->id", $wire->from);
            $check($wire->line, "wire $wire->id", $wire->to);
            $check($wire->line, "wire $wire->id", $wire->case);
            if ($wire->from === $wire->to) {
                $this->problem(
                    $wire->line,
                    "wire $wire->id",
                    'It starts and ends on the same point.',
                    'Give it another end, or remove it.',
                );
            }
        }
        foreach ($ladder as $section) {
            foreach ([...($section->rails ?? []), ...array_merge(...($section->rows ?: [[]]))] as $point) {
                $check($this->lines->of(['ladder']), "ladder, $section->title", $point);
            }
            if (($section->rails === null) === ($section->rows === [])) {
                $this->problem(
                    $this->lines->of(['ladder']),
                    "ladder, $section->title",
                    'A section has either rails or rows.',
                    'Give it one of the two.',
                );
            }
        }
    }

    /**
     * A terminal with no wire on it is a slip of whoever copied the diagram, unless the kind says it may stay bare.
     *
     * @param  array<string, Part>  $parts
     */
    private function checkReach(array $parts): void
    {
        foreach ($parts as $part) {
            $bare = Catalogue::definition($part->kind)->bare ?? [];
            foreach ($part->terminals as $terminal) {
                if (! isset($this->wired[$part->point($terminal)]) && ! in_array($terminal, $bare, true)) {
                    $this->problem($part->line, $part->id, "Nothing is wired to {$part->point($terminal)}.", 'Add its wire.');
                }
            }
        }
    }

    /** @param  array<mixed>  $data */
    private static function section(array $data): Section
    {
        $pair = static fn (mixed $p): array => is_array($p) && is_string($p[0] ?? null) && is_string($p[1] ?? null)
            ? [$p[0], $p[1]]
            : throw new \LogicException('The schema let a bad pair through.');

        return new Section(
            self::string($data, 'title'),
            isset($data['rails']) ? $pair($data['rails']) : null,
            array_map($pair, array_values((array) ($data['rows'] ?? []))),
        );
    }

    private function problem(?int $line, string $where, string $what, string $remedy): void
    {
        $this->problems[] = new Problem($line, $where, $what, $remedy);
    }

    /**
     * @param  array<mixed>  $data
     * @return array<string, array<mixed>>
     */
    private static function map(array $data, string $key): array
    {
        $map = [];
        foreach (self::child($data, $key) as $name => $value) {
            $map[(string) $name] = is_array($value) ? $value : [];
        }

        return $map;
    }

    /**
     * @param  array<mixed>  $data
     * @return array<mixed>
     */
    private static function child(array $data, string $key): array
    {
        $child = $data[$key] ?? [];

        return is_array($child) ? $child : [];
    }

    /** @param  array<mixed>  $data */
    private static function string(array $data, string $key, string $default = ''): string
    {
        $value = $data[$key] ?? $default;

        return is_string($value) ? $value : $default;
    }

    /** @param  array<mixed>  $data */
    private static function float(array $data, string $key): float
    {
        $value = $data[$key] ?? 0;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }
}
