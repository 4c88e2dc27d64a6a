<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;

/** A revision as a drawing. It never changes, and browsers may keep it. */
class SheetController
{
    private const KEEP = ['Cache-Control' => 'private, max-age=31536000, immutable'];

    #[Operation('The sheet of a circuit revision', answer: CircuitSheetData::class)]
    public function show(CircuitRevision $revision, CircuitShelf $shelf): JsonResponse
    {
        $sheet = static fn (): CircuitSheetData => CircuitSheetData::of($shelf->settler($revision));

        return response()->json($shelf->kept('sheet', $revision, $sheet), 200, self::KEEP);
    }

    #[Operation('The drawing of a circuit revision', file: 'image/svg+xml')]
    public function svg(CircuitRevision $revision, CircuitShelf $shelf): Response
    {
        $model = $shelf->model($revision);

        return response(Svg::of(Layout::of($model), $model->circuit), 200, [
            ...self::KEEP,
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"$revision->circuit_id.svg\"",
        ]);
    }
}
