<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A text on the drawing, where nothing else is. */
final readonly class DrawnText
{
    /**
     * @param  float  $x  of its middle
     * @param  float  $y  of its baseline
     * @param  string  $of  the part, point or wire that it belongs to; empty for what belongs to none
     * @param  float  $size  of its letters
     */
    private function __construct(
        public TextRole $role,
        public string $text,
        public float $x,
        public float $y,
        public string $of,
        public float $size,
    ) {
    }

    public static function at(TextRole $role, string $text, float $x, float $y, string $of = ''): self
    {
        return new self($role, $text, $x, $y, $of, $role->size());
    }

    public function width(): float
    {
        return Lettering::width($this->text, $this->role);
    }
}
