<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Operation;
use App\Calls\Arriving;
use App\Calls\EventInput;
use App\Calls\Sent;
use App\Shop\SignedIn;
use App\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was judged of a unit's parts, on its calls and outside of them. */
class UnitChecksController
{
    #[Operation('What was judged of each part, on every visit, and what has become of it', answer: UnitChecksData::class)]
    public function index(Request $request, Unit $unit, Judged $judged): JsonResponse
    {
        return response()->json($judged->of($unit, SignedIn::by($request)));
    }

    #[Operation('Keep a judgement with the unit, or strike one out; 200 when it is there already',
        answer: UnitChecksData::class, status: 201, takes: EventInput::class)]
    public function store(UnitEventRequest $request, Unit $unit, UnitLog $log, Judged $judged): JsonResponse
    {
        $stored = Sent::into(static fn (): bool => $log->append($unit, Arriving::in($request)));

        return response()->json($judged->of($unit, SignedIn::by($request)), $stored ? 201 : 200);
    }
}
