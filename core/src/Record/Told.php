<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Diagnosis\Test;
use Levin\Core\Diagnosis\Way;
use Levin\Core\Meter\Display;

/** A test that was made, as the event that keeps what it showed. */
final readonly class Told
{
    /** @param  array<string, mixed>  $data */
    private function __construct(public EventType $type, public array $data)
    {
    }

    /** @param  float|string|null  $shown  what was seen or felt, or SI; null for OL */
    public static function of(Test $test, float|string|null $shown): self
    {
        $act = $test->act();
        $moment = $act->asItStarts ? ['moment' => WhenSeen::AS_IT_STARTS] : [];
        $words = $test->words($shown);

        return match ($act->way) {
            Way::Eyes => new self(EventType::Observation, ['part' => $act->at, 'seen' => $words, ...$moment]),
            Way::Hands => new self(EventType::Felt, ['target' => $act->at, 'felt' => $words]),
            Way::Instrument => new self(EventType::Measured, ['quantity' => $act->at, 'entered' => $words]),
            Way::Meter, Way::OnWires => new self(EventType::Reading, [
                'function' => $act->function->value ?? '',
                'red' => $act->at,
                'black' => $act->black,
                'entered' => $act->function === null || is_string($shown) ? $words : Display::typed($act->function, $shown),
                ...$moment,
            ]),
        };
    }
}
