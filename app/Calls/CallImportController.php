<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Takes a call file in. */
class CallImportController
{
    #[Operation('Take a call file in', answer: CallData::class, status: 201)]
    public function __invoke(Request $request, CallImport $import): JsonResponse
    {
        $user = SignedIn::by($request);
        try {
            $id = $import->take($request->json()->all(), $user);
        } catch (UnusableCallFile $e) {
            throw ValidationException::withMessages(['file' => $e->getMessage()]);
        }

        return response()->json(CallData::of(Call::listed()->findOrFail($id), $user), 201);
    }
}
