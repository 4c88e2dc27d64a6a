<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a meter may show of a variant on one occasion, and for how much of the time. */
final readonly class View
{
    /** A level whose neighbours do something else stands for at most so much of what it shows, more or less. */
    private const ALONE = 0.25;

    /**
     * @param  int  $scene  number in the outlook, for volts; below zero and the variant's own for what depends on more than the scene
     * @param  array<int, float>  $phases  chance of each scene that this is of, by number; none where it is not of scenes
     */
    private function __construct(public Prediction $prediction, public float $share, public int $scene, public array $phases)
    {
    }

    public static function ofScene(Prediction $prediction, float $share, int $scene): self
    {
        return new self($prediction, $share, $scene, [$scene => 1.0]);
    }

    /**
     * What depends on more than the scene.
     *
     * @param  int  $number  below zero and the variant's own
     * @param  array<int, float>  $phases  chance of each scene that this is of, by number; none where it is not of scenes
     */
    public static function ofItsOwn(Prediction $prediction, float $share, int $number, array $phases = []): self
    {
        return new self($prediction, $share, $number, $phases);
    }

    /**
     * Of a level that stands for what lies halfway to what the next ones show, where there are such that do the same.
     *
     * @param  list<self>  $others  what the next ones and a healthy unit show whatever they do
     */
    public function upTo(?Prediction $less, ?Prediction $more, array $others): self
    {
        $own = $this->prediction;
        if ($own->value === null || $own->isGhost) {
            return $this;
        }
        [$one, $other] = array_map(
            static fn (?Prediction $p): ?float => $p === null || $p->value === null || $p->isGhost ? null : ($own->value + $p->value) / 2,
            [$less, $more],
        );
        if ($one === null && $other === null) {
            $about = self::about($own->value, $others);
            [$one, $other] = [$own->value - $about, $own->value + $about];
        }
        // at the end of what it does alike, a level stands for as much on its other side
        $range = $own->between($one ?? max(0.0, 2 * $own->value - (float) $other), $other ?? max(0.0, 2 * $own->value - (float) $one));

        return new self($range, $this->share, $this->scene, $this->phases);
    }

    /**
     * How far what is shown may go with how bad it is, where nothing next to it does the same: no further than to what is shown otherwise.
     *
     * @param  list<self>  $others
     */
    private static function about(float $value, array $others): float
    {
        $apart = [self::ALONE * abs($value)];
        foreach ($others as $other) {
            $shown = $other->prediction;
            $apart = $shown->value === null || $shown->isGhost ? $apart : [...$apart, abs($shown->value - $value)];
        }

        return min($apart);
    }
}
