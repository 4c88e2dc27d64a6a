<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** What motor capacitors share, run and start. A weak section keeps 60 % of its marked value. [practice, no published source] */
abstract class Capacitors extends Kind
{
    private const WEAK = 0.6;

    /** Shares that are left of a weak one. */
    private const LEVELS = [0.85, 0.7, 0.55, 0.4, 0.25];

    private const SERIES_OHMS = 0.1;

    private const FLAT = 'flat';

    /** With less than this on it, nothing is left that matters, volts. [practice, no published source] */
    private const CHARGES = 50.0;

    /** A path of less than this has it bled before a meter is there: some ten seconds for 50 µF. [practice, no published source] */
    private const BLEEDS = 2e5;

    /** @return array<string, array{0: string, 1: string}> section name to its terminals; the plate has `NAME_uf` */
    abstract protected function sections(): array;

    #[\Override]
    public function markedFarads(string $one, string $other): ?float
    {
        foreach ($this->sections() as $name => $terminals) {
            if (array_diff($terminals, [$one, $other]) === []) {
                return $this->part->number("{$name}_uf") * 1e-6;
            }
        }

        return null;
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $elements = [];
        foreach ($this->sections() as $name => [$a, $b]) {
            $elements[] = Element::between($a, $b, $this->section($name, $setting));
        }

        return $elements;
    }

    #[\Override]
    public function initialState(): string
    {
        return self::FLAT;
    }

    /** A capacitor keeps its charge until something bleeds it. */
    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    /** States: flat, or `charged` and the sections that are. */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $was = explode(' ', $state);
        $charged = [];
        foreach ($this->sections() as $name => [$a, $b]) {
            $holds = ! $setting->has("$name-open") && ! $setting->has("$name-shorted");
            if ($holds && ($voltages->volts($a, $b) > self::CHARGES
                || (in_array($name, $was, true) && $voltages->ohms($a, $b) > self::BLEEDS))) {
                $charged[] = $name;
            }
        }

        return $charged === [] ? self::FLAT : 'charged '.implode(' ', $charged);
    }

    #[\Override]
    public function held(string $state): array
    {
        $held = [];
        foreach ($this->sections() as $name => [$a, $b]) {
            if (in_array($name, explode(' ', $state), true)) {
                $held[] = [$a, $b, $this->part->number('volts')];
            }
        }

        return $held;
    }

    /** Nobody sees a charge. */
    #[\Override]
    public function told(string $state, string $seen): string
    {
        return $seen;
    }

    /** How long a section lasts on so many times its rated volts. */
    abstract protected function lasts(float $times, string $mode): Drift;

    /** The section that is overloaded most. */
    #[\Override]
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $over = [];
        foreach ($this->sections() as $name => [$a, $b]) {
            if (! $setting->has("$name-open") && ! $setting->has("$name-shorted")) {
                $over[$name] = $voltages->volts($a, $b) / $this->part->number('volts');
            }
        }

        return $over === [] ? null : $this->lasts(max($over), array_search(max($over), $over, true).'-open');
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [];
        foreach (array_keys($this->sections()) as $name) {
            $which = count($this->sections()) > 1 ? strtoupper($name).' section ' : '';
            $faults[] = new FaultMode("$name-open", "{$which}open", 2.0, signs: Sign::BULGED);
            $faults[] = new FaultMode("$name-weak", "{$which}weak", 3.0, 'share of its value', self::LEVELS, signs: Sign::FADED);
            $faults[] = new FaultMode("$name-shorted", "{$which}shorted", 0.5, signs: Sign::BULGED);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        return array_map(
            fn (string $name, array $t): Symbol => new Symbol(
                SymbolShape::Capacitor,
                $t[0],
                $t[1],
                sprintf('%g µF', $this->part->number("{$name}_uf")),
            ),
            array_keys($this->sections()),
            array_values($this->sections()),
        );
    }

    #[\Override]
    public function capacitorPairs(): array
    {
        return array_values($this->sections());
    }

    /** @return list<float> */
    private function section(string $name, Setting $setting): array
    {
        if ($setting->has("$name-shorted")) {
            return Values::ohms(Values::SHORT_OHMS);
        }
        if ($setting->isDirect() || $setting->has("$name-open")) {
            return Values::OPEN;
        }
        $farads = $this->part->number("{$name}_uf") * 1e-6 * ($setting->has("$name-weak") ? $setting->amount(
            "$name-weak",
            self::WEAK,
        ) : 1.0);

        return Values::impedance(new Complex(self::SERIES_OHMS, -1 / ($setting->omega * $farads)));
    }
}
