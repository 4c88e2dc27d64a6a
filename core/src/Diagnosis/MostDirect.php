<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;

/** A meter for direct current that is left on while the unit is started: the most that it shows. */
abstract readonly class MostDirect implements Test
{
    public function __construct(protected Ammeter|Leads $on, private MeterFunction $function)
    {
    }

    #[\Override]
    public function key(): string
    {
        return 'most '.$this->on->key();
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? Display::format($this->function, $shown) : 'OL';
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): float
    {
        return (float) $this->prediction($predictor, $when, $variant)->value;
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $views = $predictor->ranged(Outcomes::each(
            $variants,
            fn (int $v): array => [View::ofItsOwn($this->prediction($predictor, $when, $v), 1.0, -1 - $v)],
        ), $when);

        return (new Reading($this->function, $shown))->fits($views, static fn (): array => []);
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return (new Reading($this->function, $shown))->agrees($this->prediction($predictor, $when, 0));
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return Likelihood::apart(
            $this->function,
            Outcomes::each($variants, fn (int $v): float => $this->shows($predictor, $when, $v)),
        );
    }

    private function prediction(Predictor $predictor, Occasion $when, int $variant): Prediction
    {
        return $predictor->mostDirect($variant, $this->on, $when);
    }
}
