<?php

namespace App\Http\Controllers;

use App\Calls\Trace;
use App\Http\Requests\NewCallRequest;
use App\Http\Resources\CallResource;
use App\Models\Call;
use App\Models\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

class CallController
{
    public function index(): AnonymousResourceCollection
    {
        return CallResource::collection(Call::query()->with(['unit.site', 'technician', 'events'])->orderByDesc('scheduled_for')->get());
    }

    public function store(NewCallRequest $request, Unit $unit): JsonResponse
    {
        $call = DB::transaction(fn (): Call => Call::query()->create([
            'number' => (int) Call::query()->max('number') + 1,
            'unit_id' => $unit->id,
            'technician_id' => $request->user()?->id,
            'complaint' => $request->string('complaint')->toString(),
            'scheduled_for' => now(),
        ]));

        return (new CallResource($call->load(['unit.site', 'technician', 'events'])))->response()->setStatusCode(201);
    }

    public function show(Request $request, Call $call, Trace $trace): JsonResponse
    {
        return response()->json($trace->of($call, $request));
    }
}
