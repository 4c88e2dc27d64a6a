<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\PaperSize;
use Levin\Core\Ladder\Svg;
use Levin\Core\Ladder\SvgPages;

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

    #[Operation('The drawing of a circuit revision', file: 'image/svg+xml', query: [
        'paper' => 'letter or a4: rung by rung on pages below each other, printed as large as it is; none: the whole drawing in one',
    ])]
    public function svg(Request $request, CircuitRevision $revision, CircuitShelf $shelf): Response
    {
        $request->validate(['paper' => ['nullable', Rule::enum(PaperSize::class)]]);
        $paper = PaperSize::tryFrom($request->string('paper')->toString());
        $model = $shelf->model($revision);
        $svg = $paper === null
            ? Svg::of(Layout::of($model), $model->circuit)
            : (new SvgPages($model->circuit, $paper))->of((new Layout($model))->closeups(0.0));

        return response($svg, 200, [
            ...self::KEEP,
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"$revision->circuit_id.svg\"",
        ]);
    }
}
