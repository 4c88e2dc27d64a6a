<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;
use Levin\Core\Parts\Kind;
use Levin\Core\Units\Unit;

/** A part of a circuit against one that may take its place: what its plate asks for, and what comes of another. */
final readonly class Swap
{
    /** @param  array<string, Field>  $fields  of its plate, by the comparison */
    private function __construct(
        private Circuit $circuit,
        private Kind $kind,
        public MatchCheck $check,
        private array $fields,
        private Habits $habits,
    ) {
    }

    /** Null for a part that no check of the bench compares: its maker's number decides. */
    public static function of(Kind $kind, Circuit $circuit, Habits $habits = new Habits): ?self
    {
        $definition = $kind::definition();
        foreach (PartChecks::all() as $check) {
            if ($check instanceof MatchCheck && in_array($definition->kind, $check->kinds(), true)) {
                $has = array_column($definition->fields, null, 'name');
                $fields = array_map(
                    static fn (array $names): ?Field => array_values(array_intersect_key($has, array_flip($names)))[0] ?? null,
                    $check->plated(),
                );

                return new self($circuit, $kind, $check, array_filter($fields), $habits);
            }
        }

        return null;
    }

    /** @return list<SwapRow> of all that must match, the most important first */
    public function rows(): array
    {
        $entries = array_column($this->check->about()->entries, null, 'name');

        return array_map(
            fn (Comparison $c): SwapRow => new SwapRow($c->name, $c->label, $this->was($c->name), $entries["new_$c->name"]),
            $this->check->comparisons(),
        );
    }

    /**
     * What comes of another part in its place.
     *
     * @param  array<string, string>  $is  as it is typed, by the comparison; what the plate says of this one is known
     *
     * @throws BadGiven
     */
    public function judge(array $is): Judgement
    {
        return $this->check->of($this->typed($is) + $this->habits->given($this->check->about()->entries));
    }

    /**
     * What comes of each thing that does not match, in sentences.
     *
     * @param  array<string, string>  $is
     * @return list<string>
     *
     * @throws BadGiven
     */
    public function differs(array $is): array
    {
        $given = Given::from($this->check->about()->entries, $this->typed($is));
        $found = array_filter(array_map(static fn (Comparison $c): ?Finding => $c->of($given), $this->check->comparisons()));

        return array_values(array_map(
            static fn (Finding $f): string => $f->words,
            array_filter($found, static fn (Finding $f): bool => $f->verdict !== Verdict::Good),
        ));
    }

    /**
     * What the circuit has on its plate when that one is in: of what is typed, what a plate in a circuit file says.
     *
     * @param  array<string, string>  $is  as it is typed, by the comparison
     * @return array<string, float|string> by field, in the field's unit
     *
     * @throws BadGiven for what cannot be on such a plate, too
     */
    public function plate(array $is): array
    {
        $given = Given::from($this->check->about()->entries, $this->typed($is));
        $plate = [];
        foreach ($this->fields as $name => $field) {
            $entry = $this->entry($name);
            if (($is[$name] ?? '') === '') {
                continue;
            }
            $value = $field->type === FieldType::Choice
                ? self::asField($given->word("new_$name"))
                : self::round($given->number("new_$name"), $this->unit($entry, $field));
            if ($field->type === FieldType::Choice ? in_array($value, $field->choices, true) : $field->admits($value)) {
                $plate[$field->name] = $value;
            } elseif ($field->type !== FieldType::Choice) {
                throw BadGiven::outside($entry, $field->minimum, $field->maximum, $this->unit($entry, $field));
            }
        }

        return $plate;
    }

    /** What the plate says of one thing that must match, as it is typed; nothing where it does not say. */
    private function was(string $name): string
    {
        $field = $this->fields[$name] ?? null;
        $value = $field === null ? null : $this->kind->part->plate[$field->name] ?? null;

        return match (true) {
            $field === null || $value === null || $value === 0 || $value === 0.0 || $value === '' => '',
            $field->type === FieldType::Choice => is_string($value) && in_array(self::asWord($value), $this->entry($name)->choices, true)
                ? self::asWord($value)
                : '',
            default => is_numeric($value) ? trim(sprintf('%s %s', +$value, $this->unit($this->entry($name), $field)->symbol)) : '',
        };
    }

    /**
     * @param  array<string, string>  $is
     * @return array<string, string>
     */
    private function typed(array $is): array
    {
        $typed = [];
        foreach ($is as $name => $text) {
            $typed["new_$name"] = $text;
        }
        foreach ($this->check->comparisons() as $c) {
            $was = $this->was($c->name);
            $typed += $was === '' ? [] : ["old_$c->name" => $was];
        }

        return $typed;
    }

    private function entry(string $name): Entry
    {
        return array_column($this->check->about()->entries, null, 'name')["new_$name"];
    }

    /** What a plate's number is in; what a switch senses is in the unit of its quantity. */
    private function unit(Entry $entry, Field $field): Unit
    {
        $senses = $this->kind->part->plate['senses'] ?? '';
        $symbol = $field->unit !== '' ? $field->unit : ($this->circuit->quantities[is_string($senses) ? $senses : '']->unit ?? '');

        return $entry->dimension->unit($symbol) ?? $entry->dimension->usual();
    }

    /** Without what a unit's factor leaves behind the ninth digit. */
    private static function round(float $si, Unit $unit): float
    {
        return (float) sprintf('%.9g', $unit->fromSi($si));
    }

    private static function asWord(string $choice): string
    {
        return str_replace('-', ' ', $choice);
    }

    private static function asField(string $word): string
    {
        return str_replace(' ', '-', $word);
    }
}
