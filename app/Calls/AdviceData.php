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
     * @param  MeterFunction|null  $function  null for a look
     * @param  string  $red  the red probe's point, or the part to look at
     * @param  bool  $lineVoltage  whether it is done at line voltage
     * @param  list<string>  $choices  what can be seen, for a look
     */
    private function __construct(
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
        $test = $advice->test;
        $part = $test->function === null ? $model->circuit->part($test->red) : $model->circuit->partAt($test->red);

        return new self(
            $test->function,
            $test->red,
            $test->black,
            $advice->title,
            $advice->why,
            $advice->expected,
            $advice->bits,
            $test->minutes,
            $test->risk > 1.0,
            FirstData::of($test, $standing),
            $test->function === null ? $model->parts[$part->id]->observables() : [],
            $model->circuit->places[$part->place]->label,
        );
    }
}
