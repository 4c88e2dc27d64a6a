<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Levin\Core\Circuit\UnknownName;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One part or wire, tested by itself. */
class AloneController
{
    #[Operation('What tells, with the power off and under load, whether a part or wire is good by itself', answer: AloneData::class)]
    public function __invoke(Call $call, string $target, Traces $traces): JsonResponse
    {
        try {
            return response()->json($traces->byItself($call, $target));
        } catch (UnknownName $e) {
            throw new NotFoundHttpException($e->getMessage(), $e);
        }
    }
}
