<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What has become of a part from one visit to the next. */
final readonly class Trend
{
    /**
     * @param  string  $words  in a sentence
     * @param  list<Figure>  $figures  the one it is held against, and the last
     */
    private function __construct(public Verdict $verdict, public string $words, public array $figures, public Limit $limit)
    {
    }

    /**
     * The last value against the best of the earlier ones; null where the check watches nothing, or there are not two.
     *
     * @param  list<Kept>  $kept  of one part, the oldest first
     */
    public static function of(About $about, array $kept): ?self
    {
        $watched = $about->watched;
        if ($watched === null) {
            return null;
        }
        $figures = [];
        foreach ($kept as $one) {
            foreach ($one->figures as $figure) {
                if ($figure->label === $watched->figure && $figure->value !== null) {
                    $figures[] = $figure;
                }
            }
        }
        $last = array_pop($figures);
        if ($last === null || $figures === []) {
            return null;
        }
        usort($figures, static fn (Figure $a, Figure $b): int => $watched->isFalling() ? $b->value <=> $a->value : $a->value <=> $b->value);
        $was = $figures[0];
        $isNews = $watched->isNews((float) $was->value, (float) $last->value);
        $goes = $watched->isFalling() ? 'come down' : 'gone up';

        return new self(
            $isNews ? Verdict::Watch : Verdict::Good,
            $isNews ? "It has $goes since an earlier visit: look for why." : "It has not $goes as much as would be news.",
            [
                new Figure("$was->label, best earlier", $was->dimension, $was->value),
                new Figure("$last->label, last", $last->dimension, $last->value),
            ],
            new Limit($watched->words(), $watched->source),
        );
    }
}
