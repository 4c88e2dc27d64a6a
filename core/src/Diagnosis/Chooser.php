<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;

/**
 * Chooses the next test: the one with the most expected information per minute, risk priced in.
 *
 * The predictions of the suspects in play fall into outcomes that a reading can tell apart; the expected information is the
 * entropy of those outcomes. What all tests together cannot tell apart carries the same signature.
 */
final class Chooser
{
    private const OFFERED = 6;

    /** Leads are lifted once at most this many are; until then suspects may look more alike than they are. */
    public const LAST_FEW = 6;

    /** Dead tests are weighed once at most this many suspects are in play. */
    private const FEW = 24;

    /** Below this a test is not worth its time, bits. */
    private const WORTH = 0.02;

    /** Energising a unit that is off: close up, warn, switch on. Minutes. [practice, no published source] */
    private const ENERGISE = 1.5;

    public function __construct(private readonly Model $model, private readonly Predictor $predictor)
    {
    }

    /**
     * @param  list<float>  $posterior  by variant
     * @param  list<int>  $inPlay
     * @param  list<Evidence>  $evidence
     * @return array{list<Advice>, array<int, string>} best first; signature by variant in play
     */
    public function choose(array $posterior, array $inPlay, array $evidence, Conditions $now, bool $provedDead, ?string $place): array
    {
        $mass = array_sum(array_map(static fn (int $s): float => $posterior[$s], $inPlay));
        $weights = [];
        foreach ($inPlay as $s) {
            $weights[$s] = $posterior[$s] / $mass;
        }
        $done = array_fill_keys(array_map(static fn (Evidence $e): string => $e->test(), $evidence), true);
        $signatures = array_fill_keys($inPlay, '');
        $ranked = [];
        foreach ($this->live($now, $place) as [$test, $extra]) {
            $this->weigh($test, $extra, $weights, $done, $signatures, $ranked);
        }
        usort($ranked, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $bar = $ranked[self::OFFERED - 1][0] ?? 0.0;
        $suspects = count(array_unique(array_map(fn (int $v): int => $this->predictor->suspectOf[$v], $inPlay)));
        $most = log(max(2, $suspects), 2);
        $alike = $this->alike($signatures);
        foreach ($suspects <= self::FEW ? $this->dead($inPlay, $now, $provedDead, $place) : [] as [$test, $target]) {
            // a dead test takes minutes: it is worked out only where it could be offered, or could split what is alike so far;
            // and leads are lifted only for the last few
            if ($test->lift !== [] && $suspects > self::LAST_FEW) {
                continue;
            }
            if (isset($alike[$target]) || $most / ($test->minutes * $test->risk) > $bar) {
                $this->weigh($test, 0.0, $weights, $done, $signatures, $ranked);
            }
        }
        usort($ranked, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return [
            array_map(fn (array $r): Advice => $this->advice($r[2], $r[1], $r[3], $weights), array_slice($ranked, 0, self::OFFERED)),
            $signatures,
        ];
    }

    /**
     * Adds a test's outcomes to the signatures, and the test to the ranking when it is worth its time.
     *
     * @param  array<int, float>  $weights
     * @param  array<string, true>  $done
     * @param  array<int, string>  $signatures
     * @param  list<array{float, float, Candidate, list<non-empty-list<int>>}>  $ranked  score, bits, test, outcomes
     */
    private function weigh(Candidate $test, float $extra, array $weights, array $done, array &$signatures, array &$ranked): void
    {
        $outcomes = $this->outcomes($test, $weights);
        foreach ($outcomes as $n => $members) {
            foreach ($members as $s) {
                $signatures[$s] .= $n.',';
            }
        }
        if (count($outcomes) < 2 || isset($done[$this->key($test)])) {
            return;
        }
        $bits = $this->information($outcomes, $weights);
        if ($bits >= self::WORTH) {
            $ranked[] = [$bits / (($test->minutes + $extra) * $test->risk), $bits, $test, $outcomes];
        }
    }

    /**
     * The parts and wires of suspects that nothing so far tells from another one.
     *
     * @param  array<int, string>  $signatures
     * @return array<string, true>
     */
    private function alike(array $signatures): array
    {
        $sharing = [];
        foreach ($signatures as $v => $signature) {
            $sharing[$signature][$this->predictor->suspectOf[$v]] = true;
        }
        $alike = [];
        foreach ($signatures as $v => $signature) {
            foreach (count($sharing[$signature]) > 1 ? $this->predictor->variants[$v]->targets() : [] as $target) {
                $alike[$target] = true;
            }
        }

        return $alike;
    }

    /** @return list<array{0: Candidate, 1: float}> each with the minutes of changing the conditions first */
    private function live(Conditions $now, ?string $place): array
    {
        $candidates = new Candidates($this->model);
        $list = [];
        $energised = $now->energised($this->model->circuit);
        $changes = [[$now, 0.0]];
        if ($energised->key() !== $now->key()) {
            $changes[] = [$energised, self::ENERGISE + count($now->lifted)];
        }
        $calling = $now->calling($this->model->circuit);
        if ($calling->key() !== $energised->key()) {
            $changes[] = [$calling, self::ENERGISE];
        }
        $running = $this->predictor->outlook($calling);
        foreach ($changes as [$conditions, $extra]) {
            foreach ([
                ...$candidates->looking($conditions, $place),
                ...$candidates->live($conditions, $place, $this->predictor->outlook($conditions), $running),
            ] as $test) {
                $list[] = [$test, $extra];
            }
        }

        return $list;
    }

    /**
     * @param  list<int>  $inPlay
     * @return list<array{0: Candidate, 1: string}> each with the part or wire it tests
     */
    private function dead(array $inPlay, Conditions $now, bool $provedDead, ?string $place): array
    {
        $targets = [];
        foreach ($inPlay as $s) {
            foreach ($this->predictor->variants[$s]->targets() as $target) {
                $targets[$target] = true;
            }
        }
        $off = Conditions::poweredDown($this->model->circuit, $now);
        $list = [];
        foreach (array_keys($targets) as $target) {
            foreach ((new Candidates($this->model))->dead($target, $off, $provedDead, $place) as $test) {
                $list[] = [$test, $target];
            }
        }

        return $list;
    }

    /**
     * Suspects by what they would show, in classes a reading can tell apart.
     *
     * @param  array<int, float>  $weights
     * @return list<non-empty-list<int>>
     */
    private function outcomes(Candidate $test, array $weights): array
    {
        if ($test->function === null) {
            $observed = $this->predictor->outlook($test->conditions)->observed;
            $classes = [];
            foreach ($weights as $s => $_) {
                $classes[$observed[$s][$test->red] ?? ''][] = $s;
            }

            return array_values($classes);
        }
        $over = [];
        $values = [];
        foreach ($this->predictions($test, array_keys($weights)) as $s => $value) {
            $value === null ? $over[] = $s : $values[$s] = $value;
        }
        asort($values);
        $classes = [];
        $class = [];
        $edge = INF;
        $last = NAN;
        foreach ($values as $s => $value) {
            if ($value > $edge && $class !== []) {
                $classes[] = $class;
                $class = [];
            }
            if ($value !== $last) {
                [$centre, $sigma] = Likelihood::scale($test->function, $value);
                $edge = $test->function === MeterFunction::VoltsAc
                    ? $centre + Likelihood::APART * $sigma
                    : $this->ratioEdge($test->function, $value, $sigma);
                $last = $value;
            }
            $class[] = $s;
        }
        if ($class !== []) {
            $classes[] = $class;
        }
        if ($over !== []) {
            $classes[] = $over;
        }

        return $classes;
    }

    /** The value at which a reading by ratio counts as another one. */
    private function ratioEdge(MeterFunction $function, float $value, float $sigma): float
    {
        $offset = $function === MeterFunction::Capacitance ? 1e-8 : 0.5;

        return ($value + $offset) * exp(Likelihood::APART * $sigma) - $offset;
    }

    /**
     * @param  list<int>  $variants
     * @return array<int, float|null> SI, null for OL
     */
    private function predictions(Candidate $test, array $variants): array
    {
        $function = $test->function ?? MeterFunction::VoltsAc;
        $predicted = [];
        if ($function === MeterFunction::VoltsAc) {
            $outlook = $this->predictor->outlook($test->conditions);
            [$a, $b] = [$this->model->node($test->red), $this->model->node($test->black)];

            // no test is made of a ghost
            return $outlook->countedOn($variants, $a, $b, Meter::INPUT_OHMS);
        }
        foreach ($variants as $s) {
            $predicted[$s] = $this->predictor->reading($s, $function, $test->red, $test->black, $test->conditions);
        }

        return $predicted;
    }

    /**
     * What an outcome says about which suspect it is: the entropy of the outcomes, less what is only about how bad it is.
     *
     * @param  list<non-empty-list<int>>  $outcomes
     * @param  array<int, float>  $weights  by variant
     */
    private function information(array $outcomes, array $weights): float
    {
        $bits = 0.0;
        $within = [];
        foreach ($outcomes as $n => $members) {
            $all = 0.0;
            foreach ($members as $v) {
                $all += $weights[$v];
                $s = $this->predictor->suspectOf[$v];
                $within[$s][$n] = ($within[$s][$n] ?? 0.0) + $weights[$v];
            }
            $bits -= $all > 0.0 ? $all * log($all, 2) : 0.0;
        }
        foreach ($within as $shares) {
            $suspect = array_sum($shares);
            foreach (count($shares) > 1 ? $shares : [] as $share) {
                $bits += $share > 0.0 ? $share * log($share / $suspect, 2) : 0.0;
            }
        }

        return $bits * (1 - 2 * Fit::MISTAKEN);
    }

    private function key(Candidate $test): string
    {
        return $test->function === null
            ? Observation::testOf($test->red, $test->conditions)
            : Reading::testOf($test->function, $test->red, $test->black, $test->conditions);
    }

    /**
     * @param  list<non-empty-list<int>>  $outcomes
     * @param  array<int, float>  $weights
     */
    private function advice(Candidate $test, float $bits, array $outcomes, array $weights): Advice
    {
        $shown = [];
        foreach ($outcomes as $members) {
            usort($members, static fn (int $a, int $b): int => $weights[$b] <=> $weights[$a]);
            $shown[] = [
                'shows' => $this->show($test, $members[0]),
                'suspects' => array_values(array_unique(array_map($this->label(...), $members))),
                'probability' => array_sum(array_map(static fn (int $s): float => $weights[$s], $members)),
            ];
        }
        usort($shown, static fn (array $a, array $b): int => $b['probability'] <=> $a['probability']);
        $healthy = $this->healthy($test);
        $expected = $this->show($test, 0);
        $parts = $this->model->circuit->parts;
        $title = $test->function === null
            ? 'Look: '.$parts[$test->red]->label
            : match ($test->function) {
                MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ, MeterFunction::VoltsDc => 'Volts',
                MeterFunction::Amps => 'Amperes',
                MeterFunction::MicroampsDc => 'Microamperes',
                MeterFunction::Megohms => 'Megohms',
                MeterFunction::Ohms => 'Ohms',
                MeterFunction::Continuity => 'Continuity',
                MeterFunction::Capacitance => 'Microfarads',
            }.": $test->red → $test->black";

        return new Advice($test, $bits, $title, $expected, $healthy, $this->why($shown, $expected), $shown);
    }

    private function label(int $variant): string
    {
        return $this->predictor->suspects[$this->predictor->suspectOf[$variant]]->label();
    }

    private function healthy(Candidate $test): float|string|null
    {
        return $test->function === null
            ? $this->predictor->outlook($test->conditions)->observed[0][$test->red]
            : $this->predictor->reading(0, $test->function, $test->red, $test->black, $test->conditions);
    }

    private function show(Candidate $test, int $suspect): string
    {
        if ($test->function === null) {
            return $this->predictor->outlook($test->conditions)->observed[$suspect][$test->red];
        }
        $value = $this->predictor->reading($suspect, $test->function, $test->red, $test->black, $test->conditions);

        return $value === null ? 'OL' : Display::format($test->function, $value);
    }

    /** @param  list<array{shows: string, suspects: list<string>, probability: float}>  $outcomes most probable first */
    private function why(array $outcomes, string $expected): string
    {
        $phrase = static function (array $o): string {
            /** @var array{shows: string, suspects: list<string>, probability: float} $o */
            $count = count($o['suspects']);

            return sprintf(
                '%s leaves %s (%d %%)',
                $o['shows'],
                $count === 1 ? $o['suspects'][0] : $o['suspects'][0].' and '.($count - 1).' more',
                round(100 * $o['probability']),
            );
        };

        $rest = match (count($outcomes)) {
            0, 1, 2 => '',
            3 => '; another result leaves the rest',
            default => '; '.(count($outcomes) - 2).' other results split the rest',
        };

        return ucfirst(implode('; ', array_map($phrase, array_slice($outcomes, 0, 2)))).$rest.". A healthy unit shows $expected.";
    }
}
