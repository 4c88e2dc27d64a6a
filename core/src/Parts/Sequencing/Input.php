<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

use Levin\Core\Parts\Element;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * One thing a board senses between two of its terminals.
 *
 * Four forms: a.c. volts across a load of `ohms`; d.c. volts across a sensor that the board feeds from `dc` volts through
 * `ohms`; a flame rod that is fed a.c. through `ohms` from the terminal `fed_from`, and whose direct current to the board's
 * return is sensed, in amperes: only a flame rectifies; or the amperes through a sensor of `ohms` when `amps` is set.
 */
final readonly class Input
{
    private function __construct(
        public string $name,
        public string $from,
        public string $to,
        private string $form,
        public string $fedFrom,
        private float $volts,
        private float $ohms,
        private float $above,
        private float $below,
    ) {
    }

    /** @param  array<mixed>  $data valid against the schema */
    public static function fromArray(string $name, array $data): self
    {
        $number = static fn (string $key, float $default): float => is_numeric($data[$key] ?? null) ? (float) $data[$key] : $default;
        $form = match (true) {
            isset($data['dc']) => 'dc',
            isset($data['fed_from']) => 'flame',
            ($data['amps'] ?? false) === true => 'amps',
            default => 'volts',
        };
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';

        return new self(
            $name, $text('from'), $text('to'), $form, $text('fed_from'), $number('dc', 0.0),
            $number('ohms', ['dc' => 10000.0, 'flame' => 2e6, 'amps' => 2e-3, 'volts' => 3300.0][$form]),
            $number('above', -INF), $number('below', INF),
        );
    }

    /** @return list<Element> */
    public function elements(Setting $setting, bool $powered): array
    {
        $ohms = Values::ohms($this->ohms);
        if ($this->form === 'flame') {
            return [
                Element::between($this->fedFrom, $this->from, $setting->isDirect() ? Values::OPEN : $ohms),
                Element::between($this->from, $this->to, $setting->isDirect() ? $ohms : Values::OPEN),
            ];
        }
        if ($this->form !== 'dc') {
            return [Element::between($this->from, $this->to, $ohms)];
        }
        $on = $powered && $setting->sources && $setting->isDirect();

        return [Element::source($this->from, $this->to, [...$ohms, $on ? $ohms[0] * $this->volts : 0.0, 0.0])];
    }

    public function isSensed(Voltages $voltages): bool
    {
        $value = match ($this->form) {
            'dc' => $voltages->direct($this->from, $this->to),
            'flame' => abs($voltages->direct($this->from, $this->to)) / $this->ohms,
            'amps' => $voltages->volts($this->from, $this->to) / $this->ohms,
            default => $voltages->volts($this->from, $this->to),
        };

        return $value > $this->above && $value < $this->below;
    }
}
