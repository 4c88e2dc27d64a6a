<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * What every variant of every suspect goes through under one set of conditions. Variant 0 is the healthy unit.
 */
final readonly class Outlook
{
    /** Nobody looks at a watch while probing: a time noted is right within so much of itself. [practice, no published source] */
    private const ABOUT = 0.2;

    /** @var list<int> by variant, the scene that it is in most of the time once it has had its time to come to it */
    private array $standing;

    /**
     * @param  list<Scene>  $scenes
     * @param  non-empty-list<non-empty-list<Passage>>  $passages  by variant, in the order of time
     */
    public function __construct(public array $scenes, public array $passages)
    {
        $this->standing = array_map(static function (array $passages): int {
            $end = $passages[count($passages) - 1]->until;
            $shares = self::shares($passages, $end / 2, $end);

            return (int) array_search(max($shares), $shares, true);
        }, $passages);
    }

    /** How a variant stands: at a time, or when it has come to rest. */
    public function scene(int $variant, ?float $after = null): Scene
    {
        return $this->scenes[$this->sceneNumber($variant, $after)];
    }

    public function sceneNumber(int $variant, ?float $after): int
    {
        if ($after === null) {
            return $this->standing[$variant];
        }
        foreach ($this->passages[$variant] as $passage) {
            if ($passage->until > $after) {
                return $passage->scene;
            }
        }

        return $this->standing[$variant];
    }

    /** How a variant ends. */
    public function end(int $variant): Scene
    {
        $passages = $this->passages[$variant];

        return $this->scenes[$passages[count($passages) - 1]->scene];
    }

    /**
     * What a variant may be found in: about a time, or whenever someone comes.
     *
     * @return non-empty-array<int, float> share of the time by number of the scene
     */
    public function views(int $variant, ?float $after): array
    {
        $passages = $this->passages[$variant];
        if (count($passages) === 1) {
            return [$passages[0]->scene => 1.0];
        }
        $end = $passages[count($passages) - 1]->until;

        return $after === null || $after > $end
            ? self::shares($passages, 0.0, $end)
            : self::shares($passages, (1 - self::ABOUT) * $after, (1 + self::ABOUT) * $after);
    }

    /**
     * How a quantity moves, about a time, or whenever someone comes.
     *
     * @param  int  $quantity  number among those that can be measured
     * @return non-empty-list<Span>
     */
    public function spans(int $variant, int $quantity, ?float $after): array
    {
        $passages = $this->passages[$variant];
        $end = $passages[count($passages) - 1]->until;
        [$from, $until] = $after === null || $after > $end ? [0.0, $end] : [(1 - self::ABOUT) * $after, (1 + self::ABOUT) * $after];
        $spans = [];
        foreach ($passages as $passage) {
            $share = $passage->within($from, $until) / max(1e-9, min($end, $until) - $from);
            [$begins, $ends] = $passage->moves($quantity);
            // it lags: half of the time it is as good as there
            foreach ($share > 0.0 ? [[$begins, $ends], [$ends, $ends]] : [] as [$one, $other]) {
                $spans[] = new Span($one, $other, $share / 2);
            }
        }
        [, $last] = $passages[count($passages) - 1]->moves($quantity);

        return $spans === [] ? [new Span($last, $last, 1.0)] : $spans;
    }

    /** @return non-empty-array<int, float> share of the time by number of the scene, of the first seconds */
    public function within(int $variant, float $seconds): array
    {
        return self::shares($this->passages[$variant], 0.0, $seconds);
    }

    /** @return list<array<string, string>> by variant, what is seen of each part */
    public function observed(): array
    {
        return array_map(fn (int $v): array => $this->scene($v)->posture->observed, array_keys($this->passages));
    }

    /**
     * @param  non-empty-list<Passage>  $passages
     * @return non-empty-array<int, float> by number of the scene
     */
    private static function shares(array $passages, float $from, float $until): array
    {
        $seconds = [];
        foreach ($passages as $passage) {
            $within = $passage->within($from, $until);
            if ($within > 0.0) {
                $seconds[$passage->scene] = ($seconds[$passage->scene] ?? 0.0) + $within;
            }
        }
        $all = array_sum($seconds);

        return $seconds === []
            ? [$passages[count($passages) - 1]->scene => 1.0]
            : array_map(static fn (float $s): float => $s / $all, $seconds);
    }
}
