<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** A part that is put in, as it is said: `PART KIND ["LABEL" [TERMINAL TERMINAL]]`. */
final readonly class NewPart
{
    public const USAGE = 'PART KIND ["LABEL" [TERMINAL TERMINAL]]';

    /** @param  list<string>  $terminals  the one that current comes in by and the one it goes on from; none where its kind has but two */
    private function __construct(private string $id, private string $kind, private string $label, private array $terminals)
    {
    }

    /**
     * @param  list<string>  $words
     * @param  string  $usage  of what it is said in
     *
     * @throws CannotEdit
     */
    public static function said(array $words, string $usage): self
    {
        return in_array(count($words), [2, 3, 5], true)
            ? new self($words[0], $words[1], $words[2] ?? '', array_slice($words, 3))
            : throw CannotEdit::words($usage);
    }

    /**
     * A draft with it, beside another part, on no wire yet; and the two points that it lies between.
     *
     * @return array{Draft, string, string}
     *
     * @throws CannotEdit
     */
    public function in(Draft $draft, string $beside): array
    {
        [$in, $out] = Series::terminals($this->kind, $this->terminals);

        return [Fresh::part($draft, $this->id, $this->kind, $this->label, $beside), "$this->id.$in", "$this->id.$out"];
    }

    public function words(): string
    {
        return ($this->label === '' ? $this->kind : $this->label)." $this->id";
    }
}
