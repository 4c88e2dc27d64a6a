<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What has become of a part from one visit to the next. */
final readonly class Trend
{
    /** @param  string  $words  in a sentence */
    private function __construct(public Verdict $verdict, public string $words, public Limit $limit)
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
        $values = [];
        foreach ($kept as $one) {
            $value = $one->value($watched->figure);
            $values = $value === null ? $values : [...$values, $value];
        }
        $last = array_pop($values);
        if ($last === null || $values === []) {
            return null;
        }
        $isNews = $watched->isNews($watched->isFalling() ? max($values) : min($values), $last);
        $goes = $watched->isFalling() ? 'come down' : 'gone up';

        return new self(
            $isNews ? Verdict::Watch : Verdict::Good,
            $isNews ? "It has $goes since an earlier visit: look for why." : "It has not $goes as much as would be news.",
            new Limit($watched->words(), $watched->source),
        );
    }
}
