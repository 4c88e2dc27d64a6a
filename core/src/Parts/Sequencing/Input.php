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
 * Three forms: a.c. volts across a load of `ohms`; d.c. volts across a sensor that the board feeds from `dc` volts through
 * `ohms`; a flame probe that the board feeds from `probe` volts a.c. through `ohms` and whose current it senses, in amperes
 * (the rectified current is taken to be the r.m.s. current); or the amperes through a sensor of `ohms` when `amps` is set.
 */
final readonly class Input
{
    private function __construct(
        public string $name,
        public string $from,
        public string $to,
        private string $form,
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
            isset($data['probe']) => 'probe',
            ($data['amps'] ?? false) === true => 'amps',
            default => 'volts',
        };
        [$from, $to] = [$data['from'] ?? '', $data['to'] ?? ''];

        return new self(
            $name, is_string($from) ? $from : '', is_string($to) ? $to : '', $form, $number($form, 0.0),
            $number('ohms', ['dc' => 10000.0, 'probe' => 2e6, 'amps' => 2e-3, 'volts' => 3300.0][$form]),
            $number('above', -INF), $number('below', INF),
        );
    }

    public function element(Setting $setting, bool $powered): Element
    {
        if (! $this->feeds()) {
            return Element::between($this->from, $this->to, Values::ohms($this->ohms));
        }
        $y = 1 / $this->ohms;
        $on = $powered && $setting->sources && $setting->isDirect() === ($this->form === 'dc');

        return Element::source($this->from, $this->to, [$y, 0.0, $on ? $y * $this->volts : 0.0, 0.0]);
    }

    public function isSensed(Voltages $voltages): bool
    {
        $value = match ($this->form) {
            'dc' => $voltages->direct($this->from, $this->to),
            // what flows out of the probe: the drop in the board's own resistance
            'probe' => abs($this->volts - $voltages->across($this->from, $this->to)->re) / $this->ohms,
            'amps' => $voltages->across($this->from, $this->to)->abs() / $this->ohms,
            default => $voltages->across($this->from, $this->to)->abs(),
        };

        return $value > $this->above && $value < $this->below;
    }

    private function feeds(): bool
    {
        return $this->form === 'dc' || $this->form === 'probe';
    }
}
