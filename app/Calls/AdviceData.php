<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Record\Standing;

/** A recommended test. */
final readonly class AdviceData extends Data
{
    /**
     * @param  'look'|'watch'|'probe'|'peak'  $kind  eyes on a part, or on a part as the unit starts; the meter, or the most it shows as the
     *                                              unit starts
     * @param  MeterFunction|null  $function  null for eyes
     * @param  string  $red  the red probe's point, or the part to look at
     * @param  bool  $lineVoltage  whether it is done at line voltage
     * @param  list<string>  $choices  what can be seen, for eyes
     */
    private function __construct(
        public string $kind,
        public ?MeterFunction $function,
        public string $red,
        public string $black,
        public string $title,
        public string $why,
        public string $expected,
        public float $bits,
        public float $minutes,
        public bool $lineVoltage,
        public FirstData $first,
        public array $choices,
        public string $place,
    ) {
    }

    public static function of(Advice $advice, Model $model, Standing $standing): self
    {
        $candidate = $advice->candidate;
        $act = $candidate->test->act();
        $isEyes = $act->function === null;

        return new self(
            match (true) {
                $isEyes => $act->asItStarts ? 'watch' : 'look',
                default => $act->asItStarts ? 'peak' : 'probe',
            },
            $act->function,
            $act->at,
            $act->black,
            $advice->title,
            $advice->why,
            $advice->expected,
            $advice->bits,
            $candidate->minutes,
            $candidate->risk > 1.0,
            FirstData::of($candidate, $standing),
            $isEyes ? $model->parts[$act->at]->observables() : [],
            $model->circuit->places[$candidate->test->place($model->circuit)]->label,
        );
    }
}
