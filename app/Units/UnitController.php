<?php

declare(strict_types=1);

namespace App\Units;

use App\Api\Operation;
use App\Api\Page;
use App\Database\Write;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The units the shop looks after. */
class UnitController
{
    #[Operation('Units, by number', answer: UnitData::class, paged: true, query: [
        'site' => 'at this site',
        'search' => 'words that the unit, its site, place, spaces, thermostat, maker, model and serial number have together',
    ])]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['search' => ['nullable', 'string', 'max:100'], 'site' => ['integer', 'min:1']]);

        $units = Unit::search($request->string('search')->toString())
            ->when($request->has('site'), fn (Builder $q) => $q->where('site_id', $request->integer('site')))
            ->with(['site', 'circuit.newest'])
            ->orderBy('id');

        return response()->json(Page::of($units, $request, static fn (Unit $unit): UnitData => UnitData::of($unit)));
    }

    #[Operation('One unit', answer: UnitData::class)]
    public function show(Unit $unit): JsonResponse
    {
        return response()->json(UnitData::of($unit->load(['site', 'circuit.newest'])));
    }

    #[Operation('Set what is known of a unit', answer: UnitData::class, takes: UnitInput::class)]
    public function update(UnitRequest $request, Unit $unit): JsonResponse
    {
        Write::transaction(static function () use ($request, $unit): void {
            $site = $request->string('site')->trim()->toString();
            $unit->update([
                ...$request->columns(),
                ...($site === '' ? [] : ['site_id' => Site::query()->firstOrCreate(
                    ['name' => $site],
                    ['address' => '', 'contact' => '', 'phone' => ''],
                )->id]),
            ]);
        });

        return response()->json(UnitData::of($unit->load(['site', 'circuit.newest'])));
    }
}
