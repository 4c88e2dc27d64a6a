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
    #[Operation('Units, by number', answer: UnitData::class, paged: true)]
    public function index(Request $request): JsonResponse
    {
        return response()->json(Page::of(
            Unit::query()->with(['site', 'circuit.newest'])->orderBy('id'),
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
