<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Parts\Kind;
use Levin\Core\Parts\SymbolShape;

/** A transformer whose loads have nothing before them that opens: a short on the 24 V side burns it out. */
final class Unfused extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $wrong = [];
        foreach ($drawn->model->parts as $id => $kind) {
            $pairs = array_values(array_filter($kind->symbols(), static fn ($s): bool => $s->shape === SymbolShape::Secondary));
            if ($pairs !== [] && ! $this->opens($kind) && $this->feeds($drawn, $kind, $pairs[0]->left, $pairs[0]->right)) {
                $wrong[] = Wrong::with(
                    $drawn,
                    (string) $id,
                    'Its loads have no fuse before them: a short on that side burns it out.',
                    'Put in the fuse that the unit has, or leave it if it has none.',
                );
            }
        }

        return $wrong;
    }

    /** Whether it has a breaker of its own. */
    private function opens(Kind $kind): bool
    {
        return is_numeric($kind->part->plate['breaker_amps'] ?? null) && $kind->part->number('breaker_amps') > 0;
    }

    /** Whether a load lies between its two ends with no fuse or breaker on either side. */
    private function feeds(Drawn $drawn, Kind $kind, string $left, string $right): bool
    {
        $metal = $drawn->metal(SymbolShape::Fuse);
        foreach ($drawn->model->parts as $id => $other) {
            if ($other->overcurrentDevice() !== null) {
                foreach (array_keys($other->symbols()) as $n) {
                    $metal->cut("$id $n");
                }
            }
        }
        $one = $metal->reached([$kind->part->point($left)]);
        $two = $metal->reached([$kind->part->point($right)]);
        foreach ($drawn->loads() as $id => [$a, $b]) {
            if ($id !== $kind->id && ((isset($one[$a]) && isset($two[$b])) || (isset($one[$b]) && isset($two[$a])))) {
                return true;
            }
        }

        return false;
    }
}
