<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;

/** A part that was not there: with the plate of an ordinary one, until its own is read, and with what works it. */
final class Fresh
{
    /** What a condition is called that works a part in some way. */
    private const STATE = ['closed_by' => 'on', 'called_by' => 'call', 'opened_by' => 'open'];

    /** What a board does whose steps are not said yet. */
    private const IDLE = [
        'power' => ['from' => 'R', 'to' => 'C', 'above' => 17],
        'inputs' => [],
        'outputs' => [],
        'steps' => ['standby' => ['lamp' => 'lit', 'go' => []]],
    ];

    /**
     * @throws CannotEdit for a name that is taken or no name, and for an unknown kind
     */
    public static function part(Draft $draft, string $id, string $kind, string $label, string $beside): Draft
    {
        if (isset($draft->parts()[$id])) {
            throw CannotEdit::taken($id);
        }
        $definition = Catalogue::definition($kind) ?? throw CannotEdit::kind($kind, array_keys(Catalogue::classes()));
        $label = $label === '' ? $definition->title : $label;
        [$draft, $plate] = self::worked($draft, $id, $definition, $label);

        return $draft->withPart($id, array_filter([
            'kind' => $kind,
            'label' => $label,
            'place' => $draft->part($beside)['place'] ?? '',
            'plate' => [...self::plate($definition), ...$plate],
            'terminals' => $definition->terminals === [] ? ['R', 'C'] : [],
            'program' => $definition->programmed ? self::IDLE : [],
        ], static fn (mixed $value): bool => $value !== []), $beside);
    }

    /**
     * What stands on its plate whatever works it.
     *
     * @return array<string, float|int>
     */
    public static function plate(Definition $definition): array
    {
        $plate = [];
        foreach ($definition->fields as $field) {
            if ($field->type === FieldType::Number && $field->default === null) {
                $plate[$field->name] = $definition->usual[$field->name] ?? $field->minimum;
            }
        }

        return $plate;
    }

    /**
     * The conditions that work it.
     *
     * @param  array<mixed>  $has  what its plate names already
     * @return array{Draft, array<string, string>} the plate values that name them
     *
     * @throws CannotEdit
     */
    public static function worked(Draft $draft, string $id, Definition $definition, string $label, array $has = []): array
    {
        $plate = [];
        foreach ($definition->fields as $field) {
            $condition = self::condition($field, $label);
            if ($condition !== null && ! isset($has[$field->name])) {
                $name = self::free($draft, strtolower($id).'_'.self::STATE[$field->name]);
                $draft = $draft->withWorld('conditions', $name, $condition);
                $plate[$field->name] = $name;
            }
        }

        return [$draft, $plate];
    }

    /** @return array<string, bool|string>|null */
    private static function condition(Field $field, string $label): ?array
    {
        return match ($field->type === FieldType::Condition ? $field->name : '') {
            'closed_by' => ['label' => $label, 'default' => true, 'on' => 'on', 'off' => 'off', 'power' => true],
            'called_by' => ['label' => $label, 'default' => true, 'on' => 'calling', 'off' => 'satisfied', 'call' => true],
            'opened_by' => ['label' => $label, 'default' => false, 'on' => 'open', 'off' => 'closed'],
            default => null,
        };
    }

    private static function free(Draft $draft, string $name): string
    {
        $taken = [...$draft->world('conditions'), ...$draft->world('quantities')];
        $free = $name;
        for ($n = 2; isset($taken[$free]); $n++) {
            $free = "$name$n";
        }

        return $free;
    }
}
