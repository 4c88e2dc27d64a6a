<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Eyes and ears on one part: runs, hums, silent; pulled in, dropped out. */
final readonly class Look implements Test
{
    public function __construct(public string $part)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "look $this->part";
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Look: '.$circuit->parts[$this->part]->label;
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return $predictor->on($when)->scene($variant, $when->after)->posture->observed[$this->part] ?? '';
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return "Look and listen: {$circuit->parts[$this->part]->label}.";
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return (string) $shown;
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return "$this->part $shown";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->part($this->part)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return $hand->look($this->part);
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown): array
    {
        $others = max(1, count($predictor->settler->model->component($this->part)->observables()) - 1);
        $outlook = $predictor->on($when);
        $seen = array_filter($outlook->scenes, fn (Scene $s): bool => ($s->posture->observed[$this->part] ?? '') === $shown);

        return array_map(static function (int $v) use ($outlook, $when, $seen, $others): Fit {
            $share = min(1.0, array_sum(array_intersect_key($outlook->views($v, $when->after), $seen)));

            return new Fit($share, (1 - $share) / $others, $share >= Fit::RARE);
        }, array_keys($outlook->passages));
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $this->shows($predictor, $when, 0) === $shown;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $outlook = $predictor->on($when);
        $classes = [];
        foreach ($variants as $v) {
            $classes[$outlook->scene($v, $when->after)->posture->observed[$this->part] ?? ''][] = $v;
        }

        return array_values($classes);
    }
}
