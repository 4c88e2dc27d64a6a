<?php

namespace App\Http\Controllers;

use App\Calls\CallFile;
use App\Calls\UnusableCallFile;
use App\Http\Resources\CallResource;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

class CallImportController
{
    public function __invoke(Request $request, CallFile $file): JsonResponse
    {
        Gate::authorize('import', Call::class);
        try {
            $call = $file->import($request->json()->all(), $request->user() ?? throw new \LogicException('The route is behind sign-in.'));
        } catch (UnusableCallFile $e) {
            throw ValidationException::withMessages(['file' => $e->getMessage()]);
        }

        return (new CallResource($call->load(['unit.site', 'technician', 'events'])))->response()->setStatusCode(201);
    }
}
