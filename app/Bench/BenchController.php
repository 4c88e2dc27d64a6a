<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Operation;
use App\Shop\ShopHabit;
use Illuminate\Http\JsonResponse;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PartChecks;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One part in the hand and a meter: is it good? */
class BenchController
{
    #[Operation('Every check of a single part, by title', answer: BenchChecksData::class)]
    public function index(): JsonResponse
    {
        $habits = ShopHabit::chosen();
        $checks = array_map(
            static fn (PartCheck $check): BenchCheckData => BenchCheckData::of($check->about(), $habits),
            PartChecks::all(),
        );
        usort($checks, static fn (BenchCheckData $a, BenchCheckData $b): int => strcmp($a->title, $b->title));

        return response()->json(new BenchChecksData($checks));
    }

    #[Operation('What a check makes of what is given to it', answer: BenchAnswerData::class, query: [
        'given[…]' => 'what was typed, by the name of the entry',
        'units[…]' => 'what a bare number is in, by the name of the entry; else the usual unit',
        'shown[…]' => 'what figures are shown in, by dimension; else the usual unit',
    ])]
    public function judge(string $check, JudgeRequest $request): JsonResponse
    {
        $part = PartChecks::all()[$check] ?? throw new NotFoundHttpException("There is no check \"$check\".");
        try {
            $judgement = $part->of($request->given(), $request->units($part->about()->entries));
        } catch (BadGiven $e) {
            return response()->json(BenchAnswerData::waitingFor($e));
        }

        return response()->json(BenchAnswerData::of($judgement, $request->shown()));
    }
}
