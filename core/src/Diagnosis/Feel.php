<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Sign;

/** Hands and nose on one part or wire: how its shaft turns, whether it is hot or scorched, what a tap does. */
final readonly class Feel implements Test
{
    /** A motor that hums and is free to turn starts when it is given a spin: so often. [practice, no published source] */
    private const STARTS = 0.9;

    /** And one that hums is hot. [practice, no published source] */
    private const HUMS_HOT = 0.7;

    /** @param  Sign  $sort  any sign of the sort that is felt for */
    public function __construct(public string $target, public Sign $sort)
    {
    }

    #[\Override]
    public function key(): string
    {
        return "feel $this->target ".$this->sort->alternatives()[0]->value;
    }

    #[\Override]
    public function act(): Act
    {
        return Act::hands($this->target);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return match ($this->sort->alternatives()) {
            Sign::ofShaft() => 'Turn by hand: ',
            Sign::ofTap() => 'Tap it: ',
            default => 'Look closely, touch, smell: ',
        }.Spot::target($circuit, $this->target);
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        $target = Spot::target($circuit, $this->target);

        return match ($this->sort->alternatives()) {
            Sign::ofShaft() => "Turn the shaft by hand: $target. Its power locked out: it may start by itself.",
            Sign::ofTap() => "Tap it with an insulated handle: $target.",
            default => "Look closely, and feel and smell: $target.",
        };
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return (string) $shown;
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return "$this->target $shown";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        $wire = $circuit->wires[$this->target] ?? null;

        return $wire === null ? $circuit->part($this->target)->place : $circuit->partAt($wire->from)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return $hand->feel($this->target, $this->sort)->value;
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return self::likeliest(($this->chancesOf($predictor, $when))($variant));
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        $chancesOf = $this->chancesOf($predictor, $when);

        return Outcomes::each($variants, static function (int $v) use ($chancesOf, $shown): Fit {
            $chances = $chancesOf($v);
            $chance = $chances[(string) $shown] ?? 0.0;

            return new Fit($chance, (1 - $chance) / count($chances), $chance >= Fit::RARE);
        });
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $shown === $this->sort->alternatives()[0]->value;
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        $chancesOf = $this->chancesOf($predictor, $when);

        return Outcomes::by($variants, static fn (int $v): string => self::likeliest($chancesOf($v)));
    }

    /** @param  non-empty-array<string, float>  $chances  by sign */
    private static function likeliest(array $chances): string
    {
        return (string) array_search(max($chances), $chances, true);
    }

    /** @return \Closure(int): non-empty-array<string, float> chances by sign, of a variant */
    private function chancesOf(Predictor $predictor, Occasion $when): \Closure
    {
        $circuit = $predictor->settler->model->circuit;
        $running = $predictor->outlook($when->conditions->energised($circuit));
        $isFed = $when->conditions->isEnergised($circuit);
        $hums = [];
        $isHumming = function (int $scene) use ($running, &$hums): bool {
            return $hums[$scene] ??= ($running->at($scene)->posture->observed[$this->target] ?? '') === Look::HUMS;
        };

        return fn (int $variant): array => self::chances(
            $this->target,
            $this->sort,
            $predictor->variants[$variant],
            array_filter(array_keys($running->passages($predictor->variant($variant))->views(null)), $isHumming) !== [],
            $isFed,
        );
    }

    /**
     * How often each sign is found at a part or wire.
     *
     * @param  Sign  $sort  any of the sort that is felt for
     * @param  bool  $hums  whether it does when it is fed
     * @param  bool  $isFed  whether it is fed as it is felt
     * @return non-empty-array<string, float> by sign
     */
    public static function chances(string $target, Sign $sort, Faults $faults, bool $hums, bool $isFed): array
    {
        $signs = [];
        foreach ($faults->all as $injected) {
            $signs += $injected->fault->target === $target ? $injected->fault->mode->signs : [];
        }
        $isStuck = ($signs[Sign::Seized->value] ?? 0.0) > 0.0 || ($signs[Sign::Stiff->value] ?? 0.0) > 0.0;
        if ($hums) {
            $starts = $isFed && ! $isStuck ? [Sign::StartsByHand->value => self::STARTS] : [];
            $signs = [...$signs, Sign::Hot->value => self::HUMS_HOT, ...$starts];
        }
        $chances = [];
        foreach ($sort->alternatives() as $sign) {
            $chances[$sign->value] = $sign->chance($signs);
        }

        return $chances;
    }
}
