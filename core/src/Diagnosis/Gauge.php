<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Quantity;

/** An instrument on the world the unit works in: a pressure, a temperature, a draft. Its numbers are in the quantity's own unit. */
final readonly class Gauge implements Test
{
    /** Weather, charge and the room move a pressure by so much of itself, and a temperature by so many kelvins. [practice] */
    private const VARIES = 0.15;

    private const KELVINS = 4.0;

    /** Read to this share of what it usually is. */
    private const COUNT = 0.01;

    /** A mistaken one lies anywhere within so many times of what it usually is. */
    private const ANYWHERE = 4.0;

    /** Further off than this many standard deviations is rarer than one in two hundred. [normal distribution] */
    private const STRANGE = 2.81;

    public function __construct(public string $quantity)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "gauge $this->quantity";
    }

    #[\Override]
    public function act(): Act
    {
        return Act::gauge($this->quantity);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Measure: '.$circuit->quantity($this->quantity)->label;
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return "Read {$circuit->quantity($this->quantity)->label}.";
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return is_float($shown) ? sprintf('%.4g', $shown) : 'no reading';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return str_replace('_', ' ', $this->quantity).' '.$this->words($shown);
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        foreach ($circuit->parts as $part) {
            if ($part->text('senses') === $this->quantity) {
                return $part->place;
            }
        }

        return (string) array_key_first($circuit->places);
    }

    #[\Override]
    public function carriedOut(Hand $hand): float
    {
        return $hand->gauge($this->quantity);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): float
    {
        $ranges = ($predictor->quantity($this->quantity, $when))($variant);
        usort($ranges, static fn (Span $a, Span $b): int => $b->share <=> $a->share);

        return $ranges[0]->middle();
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $quantity = $predictor->settler->model->circuit->quantity($this->quantity);
        $read = is_float($shown) ? $shown : 0.0;
        $usual = max(abs($quantity->normal), abs($read), 1.0);

        $spansOf = $predictor->quantity($this->quantity, $when);
        $fit = static function (Span $span) use ($quantity, $read, $usual): array {
            $sigma = self::sigma($quantity, $span->middle());

            return [new Fit(
                min(1.0, $span->density($read, $sigma) * self::COUNT * $usual),
                self::COUNT / self::ANYWHERE,
                $span->isWithin($read, self::STRANGE * $sigma),
            ), $span->share];
        };

        return Outcomes::each($variants, static fn (int $v): Fit => Fit::ofAll(array_map($fit, $spansOf($v))));
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        $quantity = $predictor->settler->model->circuit->quantity($this->quantity);
        foreach (($predictor->quantity($this->quantity, $when))(0) as $span) {
            $sigma = self::sigma($quantity, $span->middle());
            if (is_float($shown) && $span->isWithin($shown, Likelihood::APART * $sigma)) {
                return true;
            }
        }

        return false;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $quantity = $predictor->settler->model->circuit->quantity($this->quantity);
        $values = array_map(fn (int $v): float => $this->shows($predictor, $when, $v), array_combine($variants, $variants));
        asort($values);
        $classes = $class = [];
        $edge = INF;
        foreach ($values as $v => $value) {
            if ($value > $edge) {
                $classes[] = $class;
                $class = [];
            }
            $edge = $class === [] ? $value + Likelihood::APART * self::sigma($quantity, $value) : $edge;
            $class[] = $v;
        }

        return array_values(array_filter([...$classes, $class], static fn (array $c): bool => $c !== []));
    }

    private static function sigma(Quantity $quantity, float $value): float
    {
        return $quantity->unit === '°C' ? self::KELVINS : self::VARIES * max(abs($value), 0.1 * abs($quantity->normal), 1.0);
    }
}
