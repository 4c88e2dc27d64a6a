<?php

namespace App\Http\Controllers;

use App\Calls\EventLog;
use App\Calls\Trace;
use App\Http\Requests\EventRequest;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Refusal;

class CallEventController
{
    public function store(EventRequest $request, Call $call, EventLog $log, Trace $trace): JsonResponse
    {
        /** @var array<string, mixed> $data */
        $data = $request->array('data');
        try {
            $stored = $log->append(
                $call,
                $request->user() ?? throw new \LogicException('The route is behind sign-in.'),
                $request->string('id')->lower()->toString(),
                EventType::from($request->string('type')->toString()),
                $data,
                Carbon::parse($request->string('noted_at')->toString()),
            );
        } catch (Refusal $e) {
            throw ValidationException::withMessages([$e->field => $e->getMessage()]);
        }

        return response()->json($trace->of($call->fresh() ?? $call, $request), $stored ? 201 : 200);
    }
}
