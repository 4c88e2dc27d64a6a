<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Api\Page;
use App\Database\Write;
use App\Shop\SignedIn;
use App\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The calls of the shop, and one as it stands. */
class CallController
{
    #[Operation('Calls, the latest first', answer: CallData::class, paged: true, query: [
        'from' => 'scheduled from then on, ISO 8601 with zone',
        'until' => 'scheduled before then, ISO 8601 with zone',
        'unit' => 'at this unit',
        'number' => 'the one with this number',
        'order' => 'earliest or latest first',
        'section' => 'of one\'s own day, where the shop is: now, next, unfinished, coming; waiting, others, done',
    ])]
    public function index(ListRequest $request): JsonResponse
    {
        $user = SignedIn::by($request);

        return response()->json(Page::of($request->calls(), $request, static fn (Call $call): CallData => CallData::of($call, $user)));
    }

    #[Operation('Open a call at a unit', answer: CallData::class, status: 201, takes: NewCallInput::class)]
    public function store(NewCallRequest $request, Unit $unit): JsonResponse
    {
        $user = SignedIn::by($request);
        $id = Write::transaction(fn (): int => Call::open(
            $unit,
            $unit->circuit()->firstOrFail()->newest()->firstOrFail()->id,
            $user,
            $request->string('complaint')->toString(),
        )->id);

        return response()->json(CallData::of(Call::listed()->findOrFail($id), $user), 201);
    }

    #[Operation('A call as it stands', answer: TraceData::class)]
    public function show(Request $request, Call $call, Traces $traces): JsonResponse
    {
        return response()->json($traces->of($call->id, SignedIn::by($request)));
    }
}
