<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Operation;
use App\Api\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The units the shop looks after. */
class UnitController
{
    #[Operation('Units, by number', answer: UnitData::class, paged: true, query: [
        'search' => 'words that the unit, its site, its place, its maker, its model or its serial number all have together',
    ])]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['search' => ['nullable', 'string', 'max:100']]);

        return response()->json(Page::of(
            Unit::search($request->string('search')->toString())->with(['site', 'circuit.newest'])->orderBy('id'),
            $request,
            static fn (Unit $unit): UnitData => UnitData::of($unit),
        ));
    }

    #[Operation('One unit', answer: UnitData::class)]
    public function show(Unit $unit): JsonResponse
    {
        return response()->json(UnitData::of($unit->load(['site', 'circuit.newest'])));
    }
}
