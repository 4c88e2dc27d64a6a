<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/**
 * What a number is of, and the units that people of the trade write it in, the usual one first.
 *
 * Factors: NIST SP 811 appendix B (from memory). Pressures are gauge pressures.
 */
enum Dimension: string
{
    case Resistance = 'resistance';
    case Insulation = 'insulation';
    case Voltage = 'voltage';
    case Current = 'current';
    case FlameCurrent = 'flame current';
    case Capacitance = 'capacitance';
    case Power = 'power';
    case ApparentPower = 'apparent power';
    case Temperature = 'temperature';
    case TemperatureDifference = 'temperature difference';
    case Pressure = 'pressure';
    case AirPressure = 'air pressure';
    case AirFlow = 'air flow';
    case Frequency = 'frequency';
    case Speed = 'speed';
    case Length = 'length';
    case Diameter = 'size';
    case WireSize = 'wire size';
    case Duration = 'time';
    case Share = 'share';
    case Number = 'number';

    /** @return non-empty-list<Unit> */
    public function units(): array
    {
        $megohms = new Unit('MΩ', 1e6, 0.0, ['m', 'mohm', 'meg', 'megohm', 'megohms']);
        $kilohms = new Unit('kΩ', 1e3, 0.0, ['k', 'kohm']);
        $ohms = new Unit('Ω', 1.0, 0.0, ['ohm', 'ohms', 'r']);

        return match ($this) {
            self::Resistance => [$ohms, $kilohms, $megohms],
            self::Insulation => [$megohms, new Unit('GΩ', 1e9, 0.0, ['g', 'gohm']), $kilohms, $ohms],
            self::Voltage => [new Unit('V', 1.0, 0.0, ['volt', 'volts', 'vac', 'vdc']), new Unit('mV', 1e-3), new Unit('kV', 1e3)],
            self::Current => [new Unit('A', 1.0, 0.0, ['amp', 'amps']), new Unit('mA', 1e-3)],
            self::FlameCurrent => [new Unit('µA', 1e-6, 0.0, ['ua', 'μa'], 2), new Unit('mA', 1e-3, digits: 2)],
            self::Capacitance => [new Unit('µF', 1e-6, 0.0, ['uf', 'μf', 'mfd', 'mf']), new Unit('nF', 1e-9)],
            self::Power => [new Unit('W', 1.0), new Unit('kW', 1e3), new Unit('hp', 745.69987)],
            self::ApparentPower => [new Unit('VA', 1.0), new Unit('kVA', 1e3)],
            self::Temperature => [new Unit('°F', 5 / 9, -32.0, ['f', 'degf']), new Unit('°C', 1.0, 0.0, ['c', 'degc'])],
            self::TemperatureDifference => [new Unit('°F', 5 / 9, 0.0, ['f', 'degf']), new Unit('K', 1.0, 0.0, ['°c', 'c', 'degc'])],
            self::Pressure => [
                new Unit('psi', 6894.757, 0.0, ['psig']), new Unit('kPa', 1e3), new Unit('bar', 1e5), new Unit('MPa', 1e6),
            ],
            self::AirPressure => [
                new Unit('in w.c.', 249.08891, 0.0, ['inw.c.', 'inwc', '"wc', '"w.c.', '"', 'iwc']),
                new Unit('Pa', 1.0),
                new Unit('mbar', 100.0),
            ],
            self::AirFlow => [
                new Unit('cfm', 4.719474e-4, 0.0, ['ft3/min']), new Unit('m³/h', 1 / 3600, 0.0, ['m3/h']), new Unit('L/s', 1e-3),
            ],
            self::Frequency => [new Unit('Hz', 1.0)],
            self::Speed => [new Unit('r/min', 1.0, 0.0, ['rpm'], 4)],
            self::Length => [new Unit('ft', 0.3048, 0.0, ['feet', "'"]), new Unit('m', 1.0)],
            self::Diameter => [new Unit('in', 0.0254, 0.0, ['"', 'inch', 'inches']), new Unit('mm', 1e-3)],
            self::WireSize => [new AwgUnit, new Unit('mm²', 1e-6, 0.0, ['mm2', 'mm^2', 'sqmm'])],
            self::Duration => [
                new Unit('s', 1.0, 0.0, ['sec', 'second', 'seconds']),
                new Unit('min', 60.0, 0.0, ['minute', 'minutes']),
                new Unit('h', 3600.0),
            ],
            self::Share => [new Unit('%', 0.01, 0.0, ['percent'])],
            self::Number => [new Unit('', 1.0)],
        };
    }

    /** More of it than any instrument or plate of the trade has is a slip: of the decimal, or of the unit. SI. [practice] */
    public function most(): float
    {
        return match ($this) {
            self::Resistance => 1e9,
            self::Insulation => 1e13,
            self::Voltage => 15e3,
            self::Current => 5e3,
            self::FlameCurrent => 0.01,
            self::Capacitance => 0.1,
            self::Power, self::ApparentPower => 5e6,
            self::Temperature, self::TemperatureDifference => 1e3,
            self::Pressure => 1e7,
            self::AirPressure => 5e3,
            self::AirFlow => 100.0,
            self::Frequency => 400.0,
            self::Speed => 20e3,
            self::Length => 1e4,
            self::Diameter => 5.0,
            self::WireSize => 1e-3,
            self::Duration => 1e7,
            self::Share => 10.0,
            self::Number => 1e6,
        };
    }

    /** Whether it is read with two leads, that may be the wrong way round. */
    public function hasLeads(): bool
    {
        return in_array($this, [self::Resistance, self::Insulation, self::Voltage, self::Current, self::FlameCurrent], true);
    }

    /** Whether it can be below nothing. */
    public function isSigned(): bool
    {
        return in_array($this, [self::Temperature, self::TemperatureDifference, self::AirPressure, self::Pressure], true);
    }

    public function usual(): Unit
    {
        return $this->units()[0];
    }

    /** The one in which a value has no string of noughts: ohms go over seven decades. */
    public function fitting(float $si): Unit
    {
        $fitting = $this->usual();
        foreach ($this === self::Resistance ? $this->units() : [] as $unit) {
            $fitting = abs($unit->fromSi($si)) >= 1.0 ? $unit : $fitting;
        }

        return $fitting;
    }

    /** The unit with this symbol or spelling; null where it has none such. */
    public function unit(string $typed): ?Unit
    {
        foreach ($this->units() as $unit) {
            if ($unit->isSpelt($typed)) {
                return $unit;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function symbols(): array
    {
        return array_map(static fn (Unit $unit): string => $unit->symbol, $this->units());
    }
}
