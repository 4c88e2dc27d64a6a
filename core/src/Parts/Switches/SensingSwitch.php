<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A switch that something outside the wiring works: a pressure, a temperature, a level, a door.
 *
 * It names a condition that opens it, or the quantity it senses and the levels at which it opens and closes, or both; which of the
 * two levels is higher says whether it opens on rise or on fall. A manual one stays open until someone resets it, a one-shot
 * link for good. `tripped` is the switch doing its job: the cause is outside the wiring.
 */
abstract class SensingSwitch extends Kind
{
    /** What has happened when it opens rightly, when the file does not say. */
    abstract protected function cause(): string;

    abstract protected function shape(): SymbolShape;

    /** @return list<Field> */
    protected static function switchFields(string $cause): array
    {
        return [
            Field::optionalCondition('opened_by', 'the condition under which it opens'),
            Field::quantity('senses', 'the quantity it senses'),
            Field::number('opens_at', '', 'opens at, in the quantity\'s unit', -1e6, 1e6, 0),
            Field::number('closes_at', '', 'closes at, in the quantity\'s unit', -1e6, 1e6, 0),
            Field::choice('reset', 'how it closes again', ['automatic', 'manual', 'one-shot']),
            Field::text('cause', 'what has happened when it opens rightly', $cause),
        ];
    }

    #[\Override]
    public function check(): void
    {
        if ($this->part->text('opened_by') === '' && $this->part->text('senses') === '') {
            throw PlateContradiction::workedByNothing();
        }
        if ($this->part->text('senses') !== '' && $this->part->number('opens_at') === $this->part->number('closes_at')) {
            throw PlateContradiction::opensWhereItCloses();
        }
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $closed = $state === 'closed' && ! $setting->has('open') && ! $setting->has('tripped');

        return [Element::between('1', '2', Values::worn($closed || $setting->has('stuck-closed'), $setting->degree('worn', 30.0, 0.0)))];
    }

    #[\Override]
    public function initialState(): string
    {
        return $this->part->text('senses') !== '' && $this->part->number('opens_at') < $this->part->number('closes_at') ? 'open' : 'closed';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $open = $this->isOpened($state, $setting);
        if ($this->part->text('reset') === 'automatic') {
            return $open ? 'open' : 'closed';
        }

        // a manual one that was made to open on fall starts open and closes once, as pressure comes
        return $open ? ($state === 'closed' ? 'locked open' : $state) : ($state === 'open' ? 'closed' : $state);
    }

    #[\Override]
    public function setPoints(): array
    {
        $senses = $this->part->text('senses');

        return $senses === '' ? [] : [[$senses, $this->part->number('opens_at')], [$senses, $this->part->number('closes_at')]];
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return $state === 'locked open' && $this->part->text('reset') === 'manual' ? 'closed' : $state;
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'open with nothing wrong', 1.5),
            new FaultMode('tripped', ($this->part->text('cause') ?: $this->cause()).' (it did its job)', 2.0),
            new FaultMode('stuck-closed', 'stuck closed', 0.2),
            new FaultMode('worn', 'contact worn', 0.6, 'Ω', FaultMode::JOINT, signs: Sign::PITTED),
            ...($this->part->text('senses') === '' ? [] : [
                new FaultMode('drifted', 'set point drifted', 0.09, 'share of its set point', [1.15, 0.85, 0.7]),
            ]),
        ];
    }

    /** One that closes by itself is open for as long as what opened it is beyond where it closes again. */
    #[\Override]
    public function implied(string $mode): array
    {
        [$opens, $closes] = [$this->part->number('opens_at'), $this->part->number('closes_at')];
        $senses = $this->part->text('senses');
        if ($mode !== 'tripped' || $senses === '' || $this->part->text('reset') !== 'automatic') {
            return [];
        }

        // it overshoots by as much as lies between the two
        return [$senses => $opens > $closes ? [$closes, 2 * $opens - $closes] : [2 * $opens - $closes, $closes]];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol($this->shape(), '1', '2')];
    }

    private function isOpened(string $state, Setting $setting): bool
    {
        $condition = $this->part->text('opened_by');
        $senses = $this->part->text('senses');
        if ($condition !== '' && $setting->isOn($condition)) {
            return true;
        }
        if ($senses === '') {
            return false;
        }
        $drift = $setting->degree('drifted', 0.85, 1.0);
        $opens = $this->part->number('opens_at') * $drift;
        $closes = $this->part->number('closes_at') * $drift;
        $now = $setting->quantity($senses);

        return match (true) {
            $opens > $closes => $now >= $opens || ($now > $closes && $state !== 'closed'),
            default => $now <= $opens || ($now < $closes && $state !== 'closed'),
        };
    }
}
