<?php

declare(strict_types=1);

namespace App\Print;

use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use App\Circuits\UnreadableRevision;
use Levin\Core\Ladder\Closeup;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;

/** A circuit on paper, rung by rung, black on white: each as it is on the screen by itself, none over the edge of a page. */
final readonly class DrawingPaper
{
    public function __construct(private Paper $paper, private CircuitShelf $shelf)
    {
    }

    /**
     * @return string the PDF
     *
     * @throws UnreadableRevision
     */
    public function of(CircuitRevision $revision): string
    {
        $model = $this->shelf->model($revision);
        $rungs = array_map(static fn (Closeup $c): array => [
            'number' => $c->number,
            'section' => $c->section,
            'feeds' => $c->feeds,
            'picture' => Paper::picture(Svg::rung($c->drawing, $model->circuit)),
        ], (new Layout($model))->closeups(0.0));

        return $this->paper->print('print.drawing', [
            'circuit' => $model->circuit,
            'number' => $revision->number,
            'rungs' => $rungs,
            'shop' => config()->string('levin.shop'),
        ], 'landscape');
    }
}
