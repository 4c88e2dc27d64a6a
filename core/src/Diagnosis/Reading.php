<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;

/** What a meter showed, to be held against what it would show. */
final readonly class Reading
{
    private Likelihood $likelihood;

    /** @param  float|string|null  $shown  SI; null for OL */
    public function __construct(MeterFunction $function, float|string|null $shown)
    {
        // which way round the meter is goes by the hand
        $this->likelihood = new Likelihood($function, is_float($shown) ? abs($shown) : null);
    }

    /**
     * How variants explain it.
     *
     * @param  array<int, non-empty-list<View>>  $views  by variant
     * @param  \Closure(View): list<Prediction>  $beside  what the points beside would have shown
     * @return array<int, Fit> by variant
     */
    public function fits(array $views, \Closure $beside): array
    {
        $besides = [];
        $fit = function (View $view) use ($beside, &$besides): Fit {
            // whatever a level stands for, the points beside show what the scene has there
            $besides[$view->scene] ??= [$this->likelihood->beside($beside($view))];

            return new Fit(
                $this->likelihood->right($view->prediction),
                $this->likelihood->mistaken($view->prediction, $besides[$view->scene][0]),
                $this->likelihood->isExplainedBy($view->prediction),
            );
        };
        $known = $alike = $all = [];
        foreach ($views as $v => $own) {
            $fits = $phases = [];
            $key = '';
            foreach ($own as $view) {
                // many variants share a scene, and what it explains; a level explains a range of its own
                $isShared = $view->scene >= 0 && $view->prediction->low === null;
                $fits[] = [$isShared ? $known[$view->scene] ??= $fit($view) : $fit($view), $view->share];
                $phases[] = $view->phases;
                $key .= $isShared ? "$view->scene $view->share " : "own $v ";
            }
            // and many go through the same ones for as long
            $all[$v] = $alike[$key] ??= Fit::ofAll($fits, $phases[0] === [] ? [] : $phases);
        }

        return $all;
    }

    /** Whether it agrees with a prediction, as a technician would say it does. */
    public function agrees(Prediction $predicted): bool
    {
        return $this->likelihood->agrees($predicted);
    }
}
