<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Circuits\CircuitShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\BadAmount;
use Levin\Core\Operation\Film;
use Levin\Core\Record\Standing;

/** Stories of a call's unit. */
class StoryController
{
    #[Operation('What the unit does after the call comes on, as the model has it', answer: StoryData::class, query: [
        'fault' => 'what is wrong with it, such as HP:open; nothing where it is left out',
    ])]
    public function __invoke(Request $request, Call $call, CircuitShelf $shelf): JsonResponse
    {
        $request->validate(['fault' => ['nullable', 'string', 'max:200']]);
        $call->load(['revision', 'events']);
        $settler = $shelf->settler($call->revision);
        $circuit = $settler->model->circuit;
        $called = Standing::after($circuit, $call->log())->conditions->calling($circuit);
        $named = $request->string('fault')->toString();
        try {
            $faults = $settler->model->faults->parseAll($named === '' ? [] : [$named]);
            $with = $named === '' ? null : $settler->model->faults->parse($named)->fault;
        } catch (UnknownName|BadAmount $e) {
            throw ValidationException::withMessages(['fault' => $e->getMessage()]);
        }

        return response()->json(StoryData::of($with, Film::of($settler, $called, $faults)));
    }
}
