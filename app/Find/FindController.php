<?php

declare(strict_types=1);

namespace App\Find;

use App\Api\Operation;
use App\Calls\Call;
use App\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One search for everything that has a page of its own. */
class FindController
{
    /** So many of a kind are answered. */
    private const SHOWN = 8;

    #[Operation('Units and calls by words', answer: FoundListData::class, query: [
        'words' => 'that a unit has together, or a call with its unit; a call by its number',
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:100']]);
        $words = $request->string('words')->toString();
        $units = Unit::search($words)->with('site')->orderBy('id')->limit(self::SHOWN + 1)->get();
        $calls = Call::search($words)->latest('scheduled_for')->limit(self::SHOWN + 1)->get();

        return response()->json(new FoundListData(
            [
                ...$units->take(self::SHOWN)->map(FoundData::unit(...))->values()->all(),
                ...$calls->take(self::SHOWN)->map(FoundData::call(...))->values()->all(),
            ],
            $units->count() > self::SHOWN || $calls->count() > self::SHOWN,
        ));
    }
}
