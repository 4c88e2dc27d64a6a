<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Shop\ShopHabit;
use App\Shop\SignedIn;
use App\Shop\TruckPart;
use App\Shop\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\Replacement\Swap;
use Levin\Core\Checks\Replacement\SwapRow;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Parts\Catalogue;

/** What may take the place of a part. */
class SwapController
{
    #[Operation('What a new part must match, what comes of the one at hand, and what is on the truck', answer: SwapData::class, query: [
        'part' => 'that is to be replaced',
        'is[…]' => 'what is typed of the new one, by what must match',
    ])]
    public function __invoke(Request $request, Call $call, Judging $judging): JsonResponse
    {
        $request->validate([
            'part' => ['required', 'string', 'max:64'],
            'is' => ['array', 'max:20'],
            'is.*' => ['nullable', 'string', 'max:80'],
        ]);
        $circuit = $judging->visit($call, [])->model->circuit;
        try {
            $part = $circuit->part($request->string('part')->toString());
        } catch (UnknownName $e) {
            throw ValidationException::withMessages(['part' => $e->getMessage()]);
        }
        $swap = Swap::of(Catalogue::component($part), $circuit, $habits = ShopHabit::chosen());

        return response()->json($swap === null
            ? new SwapData($part->id, '', '', [], null, null, [])
            : self::with($part->id, $swap, self::typed($request), SignedIn::by($request), $habits));
    }

    /** @param  array<string, string>  $is */
    private static function with(string $part, Swap $swap, array $is, User $user, Habits $habits): SwapData
    {
        $judged = $problem = null;
        try {
            $judged = $is === [] ? null : SwapVerdictData::of($swap, $is);
            $swap->plate($is);
        } catch (BadGiven $e) {
            $problem = $e->getMessage();
        }
        $about = $swap->check->about();
        $truck = array_values(TruckPart::query()->where('user_id', $user->id)->where('check', $about->name)->where('count', '>', 0)->get()
            ->map(static fn (TruckPart $one): TruckPartData => TruckPartData::of($one, SwapVerdictData::of($swap, $one->plate)))
            ->sortBy(static fn (TruckPartData $one): int => $one->judged->rank())->all());

        $rows = array_map(static fn (SwapRow $row): SwapRowData => SwapRowData::of($row, $user->units ?? []), $swap->rows());

        return new SwapData($part, $about->caution, self::rather($habits), $rows, $judged, $problem, $truck);
    }

    /** The shop's habit between the original and another that fits, in a sentence; nothing where the choice is left open. */
    private static function rather(Habits $habits): string
    {
        return $habits->are(Habit::OriginalPart, Habit::ORIGINAL)
            ? 'The shop fits the original where it can be had: another one is for a unit that cannot wait.'
            : '';
    }

    /** @return array<string, string> without what is left empty */
    private static function typed(Request $request): array
    {
        $typed = [];
        foreach ($request->array('is') as $name => $text) {
            if (is_string($text) && trim($text) !== '') {
                $typed[(string) $name] = trim($text);
            }
        }

        return $typed;
    }
}
