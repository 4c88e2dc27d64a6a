<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\Meter;
use Levin\Core\Operation\Model;

/** What a finding leaves open: what may have brought it about, and what sits behind it and nothing has proved. */
final readonly class Aftermath
{
    /** What something else can do to a part; the rest it does by itself. */
    private const VICTIM = '/blown|tripped|overload|^open$/';

    /** A part that gets less than this share of its volts because of the finding could not be tried. */
    private const STARVED = 0.5;

    /** Volts that are worth speaking of. */
    private const LEAST_VOLTS = 2.0;

    private Model $model;

    public function __construct(private Predictor $predictor)
    {
        $this->model = $predictor->settler->model;
    }

    /**
     * What makes such a thing happen in this circuit, by the stories of the other suspects, cheapest check first.
     *
     * @param  list<string>  $faults  of the finding
     * @return list<Check>
     */
    public function why(array $faults, Conditions $calling): array
    {
        $outlook = $this->predictor->outlook($calling);
        $victims = $this->victims($faults);
        $causes = [];
        foreach ($this->predictor->suspects as $suspect) {
            $fault = $suspect->single();
            if ($fault === null || in_array($fault->target, $victims, true)) {
                continue;
            }
            foreach ($suspect->variants as $variant) {
                if ($this->strikes($outlook, $variant, $victims)) {
                    $causes[$fault->target][] = $fault;
                    break;
                }
            }
        }
        $checks = [];
        foreach ($causes as $target => $own) {
            $checks[] = $this->check(
                (string) $target,
                implode('; ', array_map(static fn ($fault): string => $fault->label, $own)),
                array_map(static fn ($fault): string => $fault->id(), $own),
                $calling,
            );
        }

        return self::cheapestFirst($checks);
    }

    /**
     * Parts that get nothing to work with because of the finding, and that no reading has proved: how to prove each now, with the
     * power off.
     *
     * @param  list<string>  $faults  of the finding
     * @param  list<string>  $proved
     * @return list<Check>
     */
    public function behind(array $faults, array $proved, Conditions $calling): array
    {
        $outlook = $this->predictor->outlook($calling);
        $leader = $this->variantOf($faults[0] ?? '');
        $targets = array_map(fn (string $fault): string => $this->model->faults->find($fault)->target, $faults);
        $checks = [];
        if ($leader === null) {
            return [];
        }
        foreach ($this->model->parts as $id => $part) {
            if ($part->isLoad() && ! in_array($id, [...$targets, ...$proved], true)
                && $this->isStarved($part->probePairs()[0] ?? null, $id, $outlook->scene(0), $outlook->scene($leader))) {
                $checks[] = $this->check($id, $part->part->label, [], $calling);
            }
        }

        return self::cheapestFirst($checks);
    }

    /** @param  array{string, string}|null  $pair  terminals */
    private function isStarved(?array $pair, string $id, Scene $healthy, Scene $now): bool
    {
        if ($pair === null) {
            return false;
        }
        [$a, $b] = array_map(fn (string $terminal): int => $this->model->node("$id.$terminal"), $pair);
        $should = $healthy->volts($a, $b, Meter::INPUT_OHMS);

        return $should > self::LEAST_VOLTS && $now->volts($a, $b, Meter::INPUT_OHMS) < self::STARVED * $should;
    }

    /**
     * @param  list<string>  $faults
     * @return list<string> the parts something may have been done to
     */
    private function victims(array $faults): array
    {
        $parts = [];
        foreach ($faults as $fault) {
            $fault = $this->model->faults->find($fault);
            if (preg_match(self::VICTIM, $fault->mode->id) === 1 && isset($this->model->parts[$fault->target])) {
                $parts[] = $fault->target;
            }
        }

        return $parts;
    }

    /**
     * Whether a variant's story puts one of the parts as it never is on a healthy unit.
     *
     * @param  list<string>  $parts
     */
    private function strikes(Outlook $outlook, int $variant, array $parts): bool
    {
        foreach ($parts as $part) {
            $usual = array_map(
                static fn (int $scene): string => $outlook->at($scene)->posture->states[$part] ?? '',
                array_keys($outlook->passages(0)->views(null)),
            );
            foreach ($outlook->passages($variant)->views(null) as $n => $share) {
                if ($share >= Fit::RARE && ! in_array($outlook->at($n)->posture->states[$part] ?? '', $usual, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function variantOf(string $fault): ?int
    {
        foreach ($this->predictor->suspects as $suspect) {
            if ($suspect->single()?->id() === $fault) {
                return $suspect->variants[0];
            }
        }

        return null;
    }

    /** @param  list<string>  $faults */
    private function check(string $target, string $label, array $faults, Conditions $calling): Check
    {
        $off = Conditions::poweredDown($this->model->circuit, $calling);
        $ways = (new Candidates($this->predictor->settler))->dead($target, $off, true, null, $this->predictor->settled(0, $off));
        $variants = array_values(array_filter(array_map($this->variantOf(...), $faults), is_int(...)));
        // a test that shows the same with what is looked for as without it is none
        $ways = array_values(array_filter($ways, fn (Candidate $way): bool => $variants === []
            || count($way->test->outcomes($this->predictor, $way->when, [0, ...$variants])) > 1));
        usort($ways, static fn (Candidate $a, Candidate $b): int => $a->minutes <=> $b->minutes);
        $way = $ways[0] ?? null;
        if ($way === null) {
            return new Check($target, $label, $faults, '', '', null);
        }
        $healthy = $way->test->words($way->test->shows($this->predictor, $way->when, 0));

        return new Check($target, $label, $faults, $way->test->title($this->model->circuit), $healthy, $way->minutes);
    }

    /**
     * @param  list<Check>  $checks
     * @return list<Check>
     */
    private static function cheapestFirst(array $checks): array
    {
        usort($checks, static fn (Check $a, Check $b): int => ($a->minutes ?? INF) <=> ($b->minutes ?? INF));

        return $checks;
    }
}
