<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What one variant goes through under one set of conditions: one passage after another. */
final readonly class Passages
{
    /** Nobody looks at a watch while probing: a time noted is right within so much of itself. [practice, no published source] */
    private const ABOUT = 0.2;

    /** Share of starts on which what has opened by its heat has not closed. [practice, no published source] */
    public const HOT = 0.15;

    /** Number of the scene that it is in most of the time once it has had its time to come to it. */
    private int $standing;

    /** @var non-empty-array<int, float> shares of all of its time by number of the scene */
    private array $shares;

    /**
     * @param  non-empty-list<Passage>  $all
     * @param  self|null  $hot  instead, as it is started again before what has opened by its heat has closed
     */
    public function __construct(public array $all, private ?self $hot = null)
    {
        $end = $this->last()->until;
        $late = $this->between($end / 2, $end);
        $this->standing = (int) array_search(max($late), $late, true);
        $this->shares = $this->between(0.0, $end);
    }

    /** The same, or those, as it is started again before what has opened by its heat has closed. */
    public function orHot(?self $hot): self
    {
        return new self($this->all, $hot);
    }

    /** As it is started again as hot as that, where it makes a difference. */
    public function whenHot(): self
    {
        return $this->hot ?? $this;
    }

    /** One after another. */
    public static function after(self $first, self ...$others): self
    {
        $all = $first->all;
        foreach ($others as $other) {
            $begins = $all[count($all) - 1]->until;
            foreach ($other->all as $p) {
                $all[] = new Passage($begins + $p->from, $begins + $p->until, $p->scene, $p->measured);
            }
        }

        return $others === [] ? $first : new self($all);
    }

    public function last(): Passage
    {
        return $this->all[count($this->all) - 1];
    }

    /** Number of the scene that it is in at a time, or when it has come to rest. */
    public function sceneNumber(?float $after): int
    {
        foreach ($after === null ? [] : $this->all as $passage) {
            if ($passage->until > $after) {
                return $passage->scene;
            }
        }

        return $this->standing;
    }

    /**
     * What it may be found in: about a time, or whenever someone comes.
     *
     * @return non-empty-array<int, float> share of the time by number of the scene
     */
    public function views(?float $after): array
    {
        if ($this->hot === null) {
            return $this->viewsOfIt($after);
        }
        $views = array_map(static fn (float $share): float => (1 - self::HOT) * $share, $this->viewsOfIt($after));
        foreach ($this->hot->viewsOfIt($after) as $scene => $share) {
            $views[$scene] = ($views[$scene] ?? 0.0) + self::HOT * $share;
        }

        return $views;
    }

    /** @return non-empty-array<int, float> share of the time by number of the scene, whatever it is when it is hot */
    private function viewsOfIt(?float $after): array
    {
        return $after === null || $after > $this->last()->until
            ? $this->shares
            : $this->between((1 - self::ABOUT) * $after, (1 + self::ABOUT) * $after);
    }

    /**
     * How a quantity moves, about a time, or whenever someone comes.
     *
     * @param  int  $quantity  number among those that can be measured
     * @return non-empty-list<Span>
     */
    public function spans(int $quantity, ?float $after): array
    {
        $end = $this->last()->until;
        [$from, $until] = $after === null || $after > $end ? [0.0, $end] : [(1 - self::ABOUT) * $after, (1 + self::ABOUT) * $after];
        $spans = [];
        foreach ($this->all as $passage) {
            $share = $passage->within($from, $until) / max(1e-9, min($end, $until) - $from);
            [$begins, $ends] = $passage->moves($quantity);
            // it lags: half of the time it is as good as there
            foreach ($share > 0.0 ? [[$begins, $ends], [$ends, $ends]] : [] as [$one, $other]) {
                $spans[] = new Span($one, $other, $share / 2);
            }
        }
        [, $last] = $this->last()->moves($quantity);

        return $spans === [] ? [new Span($last, $last, 1.0)] : $spans;
    }

    /** @return non-empty-array<int, float> share of the time between two times by number of the scene */
    public function between(float $from, float $until): array
    {
        $seconds = [];
        foreach ($this->all as $passage) {
            $within = $passage->within($from, $until);
            if ($within > 0.0) {
                $seconds[$passage->scene] = ($seconds[$passage->scene] ?? 0.0) + $within;
            }
        }
        $all = array_sum($seconds);

        return $seconds === [] ? [$this->last()->scene => 1.0] : array_map(static fn (float $s): float => $s / $all, $seconds);
    }
}
