<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How bad it may be: a few levels of a suspect stand for all that lies between them, as long as the unit does the same at both. */
final readonly class Levels
{
    /**
     * @param  list<Suspect>  $suspects
     * @param  Outlook  $outlook  on the unit while it is fed
     */
    public function __construct(private array $suspects, private Outlook $outlook)
    {
    }

    /**
     * Each level's views, up to what lies halfway to the next ones.
     *
     * @param  array<int, non-empty-list<View>>  $views  by variant, of whole suspects
     * @return array<int, non-empty-list<View>>
     */
    public function ranged(array $views): array
    {
        $healthy = $views[0] ?? [];
        foreach ($this->suspects as $suspect) {
            if (count($suspect->variants) > 1 && isset($views[$suspect->variants[0]])) {
                $levels = array_map(static fn (int $v): array => $views[$v], $suspect->variants);
                foreach ($suspect->variants as $n => $v) {
                    $others = [...$levels[$n - 1] ?? [], ...$levels[$n + 1] ?? [], ...$healthy];
                    $views[$v] = array_map(fn (View $view): View => $view->upTo(
                        $n > 0 ? $this->alike($v, $view, $suspect->variants[$n - 1], $levels[$n - 1]) : null,
                        isset($levels[$n + 1]) ? $this->alike($v, $view, $suspect->variants[$n + 1], $levels[$n + 1]) : null,
                        $others,
                    ), $levels[$n]);
                }
            }
        }

        return $views;
    }

    /**
     * What another level shows where the unit stands alike.
     *
     * @param  non-empty-list<View>  $views  of the other
     */
    private function alike(int $variant, View $view, int $other, array $views): ?Prediction
    {
        $posture = $this->posture($variant, $view);
        foreach ($views as $there) {
            if ($this->posture($other, $there) === $posture) {
                return $there->prediction;
            }
        }

        return null;
    }

    private function posture(int $variant, View $view): string
    {
        return ($view->scene < 0 ? $this->outlook->scene($variant) : $this->outlook->at($view->scene))->posture->key;
    }
}
