<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Whom someone would call about: with whom machines do, at some time of that call, what they never do on a healthy unit. It may not show
 * while someone is there; but a unit is not as good as a healthy one for that.
 */
final readonly class Noticed
{
    private Outlook $outlook;

    private Complaint $complaint;

    /** @param  list<Evidence>  $evidence  the first of it is of the unit as it was found */
    public function __construct(private Predictor $predictor, array $evidence, Standpoint $from)
    {
        $model = $predictor->settler->model;
        $found = $evidence === [] ? $from->now : $evidence[0]->when->conditions;
        $this->outlook = $predictor->outlook($found->asCalled($model->circuit));
        $this->complaint = new Complaint($model, Complaint::viewsOf(0, $this->outlook));
    }

    /**
     * @param  list<int>  $variants
     * @return array<int, true> those of them that someone would; whatever comes and goes, or is not wired as drawn, is among them
     */
    public function among(array $variants): array
    {
        return array_fill_keys(array_filter($variants, fn (int $v): bool => $v > 0
            && ($this->predictor->lineup->isKnown($v) || $this->complaint->isMade(Complaint::viewsOf($v, $this->outlook)))), true);
    }
}
