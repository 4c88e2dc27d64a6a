<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Parts\Switches\DraftSwitch;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** A draft that has been measured with its motor seen to run, against the number on the switch that it must close. */
final class MeasuredDraft implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $name = $reading->type === EventType::Measured ? $reading->text('quantity') : '';
        $quantity = $so->model()->circuit->quantities[$name] ?? null;
        if ($quantity === null || ! self::isMade($quantity, $so)) {
            return null;
        }
        foreach ($so->model()->parts as $kind) {
            if ($kind instanceof DraftSwitch && $kind->part->text('senses') === $name) {
                $as = static fn (float $value): string => sprintf('%.6F %s', $value, $quantity->unit);

                return new Taken($kind->part, 'draft-switch', [
                    'draft' => $as($reading->number('value') ?? 0.0),
                    'set' => $as($kind->part->number('closes_at')),
                ]);
            }
        }

        return null;
    }

    /** Whether a machine that makes it has been seen to run. */
    private static function isMade(Quantity $quantity, SoFar $so): bool
    {
        $clauses = array_merge(...array_column($quantity->rules, 'when'));

        return $so->isEnergised() && array_filter(
            $clauses,
            static fn (Clause $c): bool => ! $c->negated && $c->seen !== '' && $so->seen($c->subject) === $c->seen,
        ) !== [];
    }
}
