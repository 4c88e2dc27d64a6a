<?php

declare(strict_types=1);

namespace App\Circuits;

use Levin\Core\Drafting\Features;
use Levin\Core\Ladder\Layout;
use Levin\Core\Operation\Model;

/** What finding a circuit goes by: worked out once for a revision, and kept. */
final readonly class CircuitCard
{
    /**
     * @param  array<string, int>  $features  how many of each kind
     * @param  string  $said  all that its search words may be found in, in small letters
     */
    private function __construct(
        public string $title,
        public string $family,
        public string $supply,
        public int $parts,
        public int $wires,
        public array $features,
        public string $said,
        public ThumbData $drawing,
    ) {
    }

    public static function of(Model $model): self
    {
        $circuit = $model->circuit;
        $said = [$circuit->id, $circuit->title, $circuit->family, $circuit->supply];
        foreach ($circuit->parts as $part) {
            array_push($said, $part->id, $part->label, Features::words($part->kind));
        }

        return new self(
            $circuit->title,
            $circuit->family,
            $circuit->supply,
            count($circuit->parts),
            count($circuit->wires),
            Features::of($circuit),
            mb_strtolower(implode(' ', array_unique($said))),
            ThumbData::of(Layout::of($model)),
        );
    }

    /** Whether every word is found somewhere in what is said of it, or in the words beside it. */
    public function has(string $words, string ...$beside): bool
    {
        $all = $this->said.' '.mb_strtolower(implode(' ', $beside));
        foreach (preg_split('/[\s,]+/', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (! str_contains($all, $word)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether it has what one sees, and has not what one does not see.
     *
     * @param  list<string>  $kinds
     * @param  list<string>  $without
     */
    public function isLike(array $kinds, array $without): bool
    {
        return array_diff($kinds, array_keys($this->features)) === [] && array_intersect($without, array_keys($this->features)) === [];
    }
}
