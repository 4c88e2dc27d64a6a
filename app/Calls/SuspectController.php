<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One suspect, opened. */
class SuspectController
{
    #[Operation('Why a part or wire is suspected, and what would clear it', answer: DossierData::class)]
    public function __invoke(Call $call, string $target, Traces $traces): JsonResponse
    {
        $dossier = $traces->dossier($call, $target);

        return $dossier === null
            ? throw new NotFoundHttpException("Nothing can be wrong with \"$target\" on this unit: take a part or a wire of its drawing.")
            : response()->json(DossierData::of($dossier));
    }
}
