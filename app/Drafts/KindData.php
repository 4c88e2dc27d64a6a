<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;

/** A kind of part. */
final readonly class KindData extends Data
{
    /**
     * @param  list<string>  $terminals  none where the unit decides which it has
     * @param  list<string>  $optional  of them, those that are there only where a wire is
     * @param  list<FieldData>  $fields  of its plate
     */
    private function __construct(
        public string $kind,
        public string $title,
        public array $terminals,
        public array $optional,
        public array $fields,
    ) {
    }

    public static function of(Definition $definition): self
    {
        return new self(
            $definition->kind,
            $definition->title,
            $definition->terminals,
            $definition->optional,
            array_map(static fn (Field $f): FieldData => FieldData::of($f), $definition->fields),
        );
    }
}
