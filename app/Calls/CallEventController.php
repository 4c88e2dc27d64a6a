<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;

/** What happens on a call. */
class CallEventController
{
    #[Operation('Append an event; 200 when it is there already', answer: TraceData::class, status: 201, takes: EventInput::class)]
    public function store(EventRequest $request, Call $call, EventLog $log, Trace $trace): JsonResponse
    {
        $stored = Sent::into(static fn (): bool => $log->append($call, Arriving::in($request)));

        return response()->json($trace->of($call->id, SignedIn::by($request)), $stored ? 201 : 200);
    }
}
