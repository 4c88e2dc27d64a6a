<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Circuits\CircuitShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Record\SwapList;

/** Which wire goes where as a part is swapped. */
class SwapListController
{
    #[Operation('The wires of a part, and which are on the new one by now', answer: SwapListData::class)]
    public function __invoke(Call $call, string $target, CircuitShelf $shelf): JsonResponse
    {
        return response()->json(SwapListData::of(self::list($call, $target, $shelf)));
    }

    /** @throws ValidationException for a part that is not there */
    public static function list(Call $call, string $part, CircuitShelf $shelf): SwapList
    {
        try {
            return SwapList::of($shelf->model($call->revision)->circuit, $part, $call->log());
        } catch (UnknownName $e) {
            throw ValidationException::withMessages(['part' => $e->getMessage()]);
        }
    }
}
