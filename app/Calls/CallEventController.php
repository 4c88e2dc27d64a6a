<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What happens on a call. */
class CallEventController
{
    #[Operation('Append an event; 200 when it is there already', answer: TraceData::class, status: 201, takes: EventInput::class)]
    public function store(EventRequest $request, Call $call, EventLog $log, Traces $traces): JsonResponse
    {
        $stored = Sent::into(static fn (): bool => $log->append($call, Arriving::in($request)));

        return response()->json($traces->of($call->id, SignedIn::by($request)), $stored ? 201 : 200);
    }

    #[Operation(
        'The same, answered with what it means before what comes next is worked out; 200 when it is there already',
        answer: TakenData::class,
        status: 201,
        takes: EventInput::class,
    )]
    public function meaning(EventRequest $request, Call $call, EventLog $log, Traces $traces): JsonResponse
    {
        $event = Arriving::in($request);
        $stored = Sent::into(static fn (): bool => $log->append($call, $event));

        return response()->json(new TakenData($event->id, $traces->meaning($call, $event->id)), $stored ? 201 : 200);
    }

    #[Operation(
        'Say which event may be sent in a moment, so that what it means is known when it is; nothing is kept of it',
        status: 204,
        takes: SupposedInput::class,
    )]
    public function suppose(SupposedRequest $request, Call $call, Traces $traces): Response
    {
        $traces->suppose($call, $request->type(), $request->event());

        return response()->noContent();
    }
}
