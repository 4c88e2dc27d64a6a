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
        $user = SignedIn::by($request);
        $stored = Sent::into(static fn (): bool => $log->append(
            $call,
            $user,
            $request->string('id')->lower()->toString(),
            $request->type(),
            $request->event(),
            Moment::past('noted_at', $request->string('noted_at')->toString()),
        ));

        return response()->json($trace->of($call->id, $user), $stored ? 201 : 200);
    }
}
