<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Meter;
use Levin\Core\Network\Factorisation;

/** What may be left of every variant once power is off, and what a meter shows of it that feeds the circuit itself. */
final class Remnants
{
    /** Networks of dead units kept at once: each is some kilobytes. */
    private const NETWORKS = 1500;

    /** Ways a unit may be left once power is off that are told apart. */
    private const REMAINS = 6;

    private readonly Meter $meter;

    /** @var array<string, Factorisation> */
    private array $networks = [];

    /** @var array<string, non-empty-list<Remains>> */
    private array $remains = [];

    /** @param  self|null  $narrower  what is known of the first of these suspects, by one that knows no others */
    public function __construct(
        private readonly Outlooks $outlooks,
        private readonly Notebook $notebook,
        private readonly Lineup $lineup,
        private readonly ?self $narrower,
    ) {
        $this->meter = new Meter($outlooks->settler);
    }

    /**
     * One variant's reading as a meter would take it there.
     *
     * @param  int|null  $cut  number of the scene in which power was cut, where that is known
     * @return float|null SI; null for OL
     *
     * @throws UnknownName
     */
    public function reading(int $variant, Leads $leads, Occasion $when, ?int $cut): ?float
    {
        if ($this->narrower?->lineup->has($variant) === true) {
            return $this->narrower->reading($variant, $leads, $when, $cut);
        }
        $left = $this->of($variant, $when);
        if ($cut !== null) {
            usort($left, static fn (Remains $a, Remains $b): int => $b->shareOf($cut) <=> $a->shareOf($cut));
        }
        $page = $this->notebook->page(DeadReadings::class, $when->key());

        return $page->reading($leads->key(), $left[0]->number, fn (): ?float => $this->readingOf($left[0], $leads, $when->conditions));
    }

    /**
     * Some variants', in all that may be left of each.
     *
     * @param  list<int>  $variants
     * @return array<int, non-empty-list<View>> by variant
     *
     * @throws UnknownName
     */
    public function views(Leads $leads, Occasion $when, array $variants): array
    {
        return Outcomes::each($variants, fn (int $v): array => $this->viewsOf($v, $leads, $when));
    }

    /** @return non-empty-list<View> */
    private function viewsOf(int $variant, Leads $leads, Occasion $when): array
    {
        if ($this->narrower?->lineup->has($variant) === true) {
            return $this->narrower->viewsOf($variant, $leads, $when);
        }
        $remains = $this->of($variant, $when);
        $readings = $this->notebook->page(Readings::class, $leads->key().' '.$when->key())->row($variant, fn (): array => array_map(
            fn (Remains $r): ?float => $this->readingOf($r, $leads, $when->conditions),
            $remains,
        ));

        return array_map(
            static fn (Remains $r, ?float $value): View => View::ofItsOwn(new Prediction($value), $r->share, $r->number, $r->phases),
            $remains,
            $readings,
        );
    }

    private function readingOf(Remains $remains, Leads $leads, Conditions $conditions): ?float
    {
        $this->notebook->pause();
        $omega = Meter::testOmega($leads->function);
        if (count($this->networks) > self::NETWORKS) {
            $this->networks = [];
        }
        $network = $this->networks["$remains->number@$omega ".$conditions->key()]
            ??= $this->outlooks->settler->dead($conditions, $remains->faults, $remains->states, $omega);
        $reading = $this->meter->readDead($leads->function, $leads->red, $leads->black, $network);

        return $reading->overload ? null : $reading->value;
    }

    /**
     * What may be left of a variant: an overload that had opened, or had not.
     *
     * @return non-empty-list<Remains> the most probable first
     */
    private function of(int $variant, Occasion $when): array
    {
        $energised = $when->conditions->energised($this->outlooks->settler->model->circuit);

        return $this->remains["$variant $when->after ".$energised->key()] ??= $this->remainsOf(
            $variant,
            $this->outlooks->under($energised),
            Conditions::poweredDown($this->outlooks->settler->model->circuit, $energised),
            $when->after !== null,
        );
    }

    /** @return non-empty-list<Remains> */
    private function remainsOf(int $variant, Outlook $outlook, Conditions $off, bool $hasCooled): array
    {
        $shares = $states = $faults = $phases = [];
        $variants = $this->lineup->variants;
        $comesAndGoes = $this->lineup->comesAndGoes($variant);
        // one that comes and goes may be there as it is tested, or not
        foreach ($comesAndGoes ? [$variants[0], $variants[$variant]] : [$variants[$variant]] as $n => $then) {
            foreach ($outlook->passages($variant)->views(null) as $scene => $share) {
                $cut = $this->outlooks->settler->statesWhenDead($outlook->at($scene)->posture->states);
                // it is tested at once, or when it has cooled
                foreach ([...$hasCooled ? [] : [$cut], $this->outlooks->cooled($variant, $off, $cut)] as $left) {
                    $key = "$n ".implode('|', $left);
                    $often = $share / ($comesAndGoes ? 4 : 2);
                    $shares[$key] = ($shares[$key] ?? 0.0) + $often;
                    $phases[$key][$scene] = ($phases[$key][$scene] ?? 0.0) + $often;
                    $states[$key] = $left;
                    $faults[$key] = $then;
                }
            }
        }
        arsort($shares);
        $remains = [];
        foreach (array_slice($shares, 0, self::REMAINS) as $key => $share) {
            // below nothing, and each with its own, so that none is taken for a scene
            $own = array_map(static fn (float $often): float => $often / $share, $phases[$key]);
            $remains[] = new Remains($faults[$key], -1 - $variant * self::REMAINS - count($remains), $share, $states[$key], $own);
        }

        return $remains === [] ? throw new \LogicException('There is always something left.') : $remains;
    }
}
