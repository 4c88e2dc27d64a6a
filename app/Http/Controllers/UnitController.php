<?php

namespace App\Http\Controllers;

use App\Circuits\CircuitShelf;
use App\Http\Resources\UnitResource;
use App\Models\Unit;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;

class UnitController
{
    public function index(): AnonymousResourceCollection
    {
        return UnitResource::collection(Unit::query()->with('site')->orderBy('id')->get());
    }

    public function show(Unit $unit): UnitResource
    {
        return new UnitResource($unit->load(['site', 'calls.technician', 'calls.unit.site', 'calls.events']));
    }

    public function diagram(Unit $unit, CircuitShelf $shelf): Response
    {
        $model = $shelf->model($unit->circuit);

        return response(Svg::of(Layout::of($model), $model->circuit), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"$unit->circuit.svg\"",
        ]);
    }
}
