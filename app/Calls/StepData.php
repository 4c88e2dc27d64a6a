<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Step;
use Levin\Core\Diagnosis\StepKind;
use Levin\Core\Record\EventType;

/** One order on the way to a test, and the event that confirms it. */
final readonly class StepData extends Data
{
    /**
     * @param  EventType|null  $event  that is sent when it is done; null for an order that changes nothing
     * @param  \stdClass  $data  of that event
     * @param  bool  $act  whether it is the test itself
     */
    private function __construct(public string $order, public ?EventType $event, public \stdClass $data, public bool $act)
    {
    }

    public static function of(Step $step): self
    {
        [$event, $data] = match ($step->kind) {
            StepKind::Order, StepKind::Act => [null, []],
            StepKind::Land => [EventType::Lead, ['wire' => $step->target, 'lifted' => false]],
            StepKind::Lift => [EventType::Lead, ['wire' => $step->target, 'lifted' => true]],
            StepKind::TakeJumperOff => [EventType::Jumper, [
                'from' => strstr($step->target, '~', true),
                'to' => substr((string) strstr($step->target, '~'), 1),
                'on' => false,
            ]],
            StepKind::PutBack => [EventType::Pulled, ['part' => $step->target, 'out' => false]],
            StepKind::Set => [EventType::Condition, ['name' => $step->target, 'value' => $step->on]],
            StepKind::ProveDead => [EventType::ProvedDead, []],
        };

        return new self($step->order, $event, (object) $data, $step->kind === StepKind::Act);
    }
}
