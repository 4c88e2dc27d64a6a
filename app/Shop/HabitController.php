<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Operation;
use App\Database\Write;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the shop does where careful people differ. */
class HabitController
{
    #[Operation('The shop\'s habits', answer: HabitsData::class)]
    public function index(Request $request): JsonResponse
    {
        return response()->json(HabitsData::for(SignedIn::by($request)));
    }

    #[Operation('Change a habit; for leads', answer: HabitsData::class, takes: HabitInput::class)]
    public function change(HabitRequest $request): JsonResponse
    {
        $user = SignedIn::by($request);
        Write::transaction(static fn (): ShopHabit => ShopHabit::query()->updateOrCreate(
            ['habit' => $request->string('habit')->toString()],
            ['choice' => $request->string('choice')->toString(), 'user_id' => $user->id],
        ));

        return response()->json(HabitsData::for($user));
    }
}
