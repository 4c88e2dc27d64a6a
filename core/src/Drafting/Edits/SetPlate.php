<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A plate value of a part, in the unit of the file. */
final readonly class SetPlate extends Edit
{
    public function __construct(private string $part, private string $field, private float|string $value)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $plate = is_array($own['plate'] ?? null) ? $own['plate'] : [];

        return $draft->withPart($this->part, [...$own, 'plate' => [...$plate, $this->field => $this->value]]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part: $this->field is $this->value";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'plate PART FIELD VALUE';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);

        return new self($words[0], $words[1], is_numeric($words[2]) ? (float) $words[2] : $words[2]);
    }
}
