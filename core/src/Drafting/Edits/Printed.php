<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** What the table on the unit says of something that can be seen of a part: a lamp, a flash code. */
final readonly class Printed extends Edit
{
    public function __construct(private string $part, private string $seen, private string $means)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $printed = is_array($own['printed'] ?? null) ? $own['printed'] : [];
        $printed[$this->seen] = $this->means;

        return $draft->withPart($this->part, [
            ...$own,
            'printed' => array_filter($printed, static fn (mixed $means): bool => $means !== ''),
        ]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part, $this->seen: $this->means";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'printed PART "SEEN" "WHAT IT MEANS"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);

        return new self($words[0], $words[1], $words[2]);
    }
}
