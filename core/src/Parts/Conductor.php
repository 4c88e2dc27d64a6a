<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Wire;

/**
 * A wire: its copper from end to end, and its insulation to the metal it runs along.
 *
 * Lifting parts it at its first end; it rubs through by its second, so that lifting it keeps the two apart.
 */
final class Conductor extends Component
{
    /** A loose joint, usual amount, ohms. [practice, no published source] */
    private const LOOSE_OHMS = 20.0;

    public function __construct(public readonly Wire $wire)
    {
        parent::__construct($wire->id);
    }

    #[\Override]
    public function nodeName(string $local): string
    {
        return match ($local) {
            'from' => $this->wire->from,
            'to' => $this->wire->to,
            '#case' => $this->wire->case,
            default => throw new \LogicException("A wire has no node $local."),
        };
    }

    #[\Override]
    public function describe(FaultMode $mode): string
    {
        return ucfirst($this->wire->colour)." wire {$this->wire->from} to {$this->wire->to}: $mode->label";
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $whole = ! $setting->has('open') && ! $setting->conditions->hasLifted($this->id);
        $ohms = $this->wire->resistance() + $setting->degree('loose', self::LOOSE_OHMS, 0.0);

        return [
            Element::between('from', 'to', $whole ? Values::ohms($ohms) : Values::OPEN),
            Element::between('to', '#case', Values::fault($setting, 'grounded', Values::SHORT_OHMS)),
        ];
    }

    #[\Override]
    public function faults(): array
    {
        $modes = [
            new FaultMode('open', 'broken or loose', 0.3, signs: Sign::LOOSE_JOINT),
            new FaultMode('loose', 'high-resistance joint', 0.08, 'Ω', FaultMode::JOINT, Sign::LOOSE_JOINT),
        ];
        if (! $this->wire->joins($this->wire->case)) {
            $modes[] = new FaultMode('grounded', 'rubbed through to ground', 0.1, 'Ω', signs: Sign::RUBBED);
        }

        return $modes;
    }

    #[\Override]
    public function isWire(): bool
    {
        return true;
    }
}
