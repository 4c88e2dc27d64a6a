<?php

namespace App\Http\Controllers;

use App\Calls\Trace;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\MeterFunction;

class ExpectedReadingController
{
    public function __invoke(Request $request, Call $call, Trace $trace): JsonResponse
    {
        $request->validate(['function' => ['required', Rule::enum(MeterFunction::class)->only(MeterFunction::traced())], 'red' => ['required', 'string'], 'black' => ['required', 'string']]);
        try {
            $expected = $trace->expected($call, MeterFunction::from($request->string('function')->toString()), $request->string('red')->toString(), $request->string('black')->toString());
        } catch (UnknownName $e) {
            throw ValidationException::withMessages(['red' => $e->getMessage()]);
        }

        return response()->json($expected);
    }
}
