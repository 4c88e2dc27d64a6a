<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** What a meter showed on two points. */
final readonly class Reading implements Evidence
{
    /** @param  float|null  $value  SI; null when the display showed OL */
    public function __construct(
        public MeterFunction $function,
        public string $red,
        public string $black,
        public ?float $value,
        private Conditions $conditions,
    ) {
    }

    #[\Override]
    public function conditions(): Conditions
    {
        return $this->conditions;
    }

    #[\Override]
    public function test(): string
    {
        return self::testOf($this->function, $this->red, $this->black, $this->conditions);
    }

    public static function testOf(MeterFunction $function, string $a, string $b, Conditions $conditions): string
    {
        return $function->value.' '.min($a, $b).' '.max($a, $b).' '.$conditions->key();
    }

    #[\Override]
    public function words(): string
    {
        return ($this->value === null ? 'OL' : Display::format($this->function, $this->value))." on $this->red → $this->black";
    }

    #[\Override]
    public function fits(Predictor $predictor): array
    {
        $likelihood = new Likelihood($this->function, $this->value);
        $predicted = $predictor->predictions($this->function, $this->red, $this->black, $this->conditions);
        $beside = array_map(
            fn (array $pair): array => $predictor->predictions($this->function, $pair[0], $pair[1], $this->conditions),
            $this->function === MeterFunction::VoltsAc ? $predictor->besides($this->red, $this->black) : [],
        );

        return array_map(static fn (Prediction $p, int $s): Fit => new Fit(
            $likelihood->right($p),
            $likelihood->mistaken($p, array_map(static fn (array $all): Prediction => $all[$s] ?? $p, $beside)),
            $likelihood->isExplainedBy($p),
        ), $predicted, array_keys($predicted));
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor): bool
    {
        return (new Likelihood($this->function, $this->value))->agrees(
            $predictor->prediction(0, $this->function, $this->red, $this->black, $this->conditions),
        );
    }
}
