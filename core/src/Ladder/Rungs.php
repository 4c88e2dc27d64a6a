<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** The rungs that a bundle is looked at as, one at a time: each as it runs from rail to rail. */
final class Rungs
{
    /**
     * @param  list<string>  $rails
     * @return list<Bundle>
     */
    public static function of(Bundle $bundle, Ways $ways, array $rails): array
    {
        $whole = array_map(static fn (Row $r): Row => $ways->whole($r, count($rails) === 2), $bundle->rows);
        if ($bundle->load !== null || $bundle->turnsDown) {
            return [new Bundle($whole, $bundle->load)];
        }
        // out along one line and back along another
        $back = $bundle->rows[1] ?? null;
        if ($back !== null && $back->right->kind === EndKind::Hang && $back->right->point === $bundle->rows[0]->right->point) {
            [$out, $in] = [$whole[0], $bundle->rows[1]];

            return [new Bundle([new Row($out->id, $out->left, $in->left, [...$out->edges, ...array_reverse($in->edges)])])];
        }

        return $rails === [] ? [new Bundle($whole)] : array_map(static fn (Row $r): Bundle => new Bundle([$r]), $whole);
    }

    /**
     * The rails that a rung is drawn between.
     *
     * @param  list<string>  $rails  of its section
     * @return list<string>
     */
    public static function rails(Bundle $rung, array $rails): array
    {
        if (count($rails) > 2 && count($rung->rows) > 1) {
            return $rails;
        }
        [$left, $right] = [$rung->rows[0]->left, $rung->rows[0]->right];

        return $left->kind === EndKind::Rail && $right->kind === EndKind::Rail && $left->point !== $right->point
            ? [$left->point, $right->point]
            : [];
    }

    /** With rails as points of its own, where there are not two to draw it between. */
    public static function free(Bundle $rung): Bundle
    {
        $free = static fn (RowEnd $e): RowEnd => $e->kind === EndKind::Rail ? new RowEnd(EndKind::Free, $e->point) : $e;

        return new Bundle(array_map(
            static fn (Row $r): Row => new Row($r->id, $free($r->left), $free($r->right), $r->edges, $r->into),
            $rung->rows,
        ), $rung->load);
    }
}
