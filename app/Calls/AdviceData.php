<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Circuits\QuantityData;
use Levin\Core\Diagnosis\Act;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Feel;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\Steps;
use Levin\Core\Diagnosis\Telling;
use Levin\Core\Diagnosis\Test;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Sign;
use Levin\Core\Record\Standing;

/** A recommended test. */
final readonly class AdviceData extends Data
{
    /**
     * @param  'look'|'watch'|'probe'|'peak'|'clamp'|'gauge'|'feel'  $kind  eyes on a part, or on a part as the unit starts; the meter, or
     *                                              the most it shows as the unit starts; the clamp; an instrument on the world; hands
     * @param  string  $key  the same for the same test
     * @param  MeterFunction|null  $function  of a meter
     * @param  string  $red  the red probe's point, the wires in the clamp, the quantity, or the part
     * @param  bool  $lineVoltage  whether it is done at line voltage
     * @param  bool  $dead  whether the power is off for it
     * @param  list<StepData>  $steps  orders, in their order
     * @param  list<string>  $choices  what can be seen or felt
     * @param  list<ResultData>  $results  what it may show and what that would mean, most probable first
     * @param  string  $healthy  what a healthy unit shows, as a technician says it
     * @param  string  $enters  what one types who reads that on a meter; else empty
     * @param  string  $at  the place, as the circuit names it
     */
    private function __construct(
        public string $kind,
        public string $key,
        public ?MeterFunction $function,
        public string $red,
        public string $black,
        public string $title,
        public string $why,
        public string $expected,
        public array $results,
        public string $healthy,
        public string $enters,
        public float $bits,
        public float $minutes,
        public bool $lineVoltage,
        public bool $dead,
        public array $steps,
        public array $choices,
        public ?QuantityData $quantity,
        public string $place,
        public string $at,
    ) {
    }

    public static function of(Advice $advice, Model $model, Standing $standing): self
    {
        $candidate = $advice->candidate;
        $test = $candidate->test;
        $act = $test->act();
        $at = $test->place($model->circuit);
        $steps = (new Steps($model))->to($candidate, $standing->conditions, $standing->provedDead, $advice->sweep);

        return new self(
            self::kind($act),
            $test->key(),
            $act->function,
            $act->at,
            $act->black,
            $advice->asked($model->circuit),
            $advice->why,
            $advice->expected,
            array_map(ResultData::of(...), array_slice($advice->outcomes, 0, Telling::TOLD)),
            $advice->said,
            $act->function === null || is_string($advice->healthy) ? '' : Display::typed($act->function, $advice->healthy),
            $advice->bits,
            $candidate->minutes,
            $candidate->risk > 1.0,
            $candidate->when->conditions->isPoweredDown($model->circuit),
            array_map(static fn (Step $s): StepData => StepData::of($s), $steps),
            self::choices($test, $act, $model),
            $act->way === Way::Instrument ? QuantityData::of($model->circuit->quantity($act->at)) : null,
            $model->circuit->places[$at]->label,
            $at,
        );
    }

    /** @return 'look'|'watch'|'probe'|'peak'|'clamp'|'gauge'|'feel' */
    private static function kind(Act $act): string
    {
        return match ($act->way) {
            Way::Eyes => $act->asItStarts ? 'watch' : 'look',
            Way::Meter => $act->asItStarts ? 'peak' : 'probe',
            Way::OnWires => $act->asItStarts ? 'peak' : 'clamp',
            Way::Instrument => 'gauge',
            Way::Hands => 'feel',
        };
    }

    /** @return list<string> */
    private static function choices(Test $test, Act $act, Model $model): array
    {
        return match (true) {
            $test instanceof Feel => array_map(static fn (Sign $s): string => $s->value, $test->sort->alternatives()),
            $act->way === Way::Eyes => $model->parts[$act->at]->observables(),
            default => [],
        };
    }
}
