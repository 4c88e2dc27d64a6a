<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;

/** What circuits are made of. */
class KindsController
{
    #[Operation('Every kind of part, and every family with its questions', answer: MakingData::class)]
    public function __invoke(): JsonResponse
    {
        return response()->json(MakingData::all());
    }
}
