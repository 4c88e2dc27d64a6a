<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Transformers\ShortByHalves;

it('finds a shorted branch in as many readings as halving takes', function (int $branches): void {
    // ⌈log₂ n⌉ readings after the first tell one of n apart [textbook: binary search]
    for ($shorted = 1; $shorted <= $branches; $shorted++) {
        $read = ['0.3'];
        $next = (new ShortByHalves)->of(['branches' => (string) $branches, 'ohms' => implode(' ', $read)]);
        while ($next->verdict === Verdict::CannotSay) {
            // what it asks to lift is lifted
            expect(preg_match('/Lift (\d+)(?: to (\d+)| or (\d+))?,/', $next->next, $m))->toBe(1);
            $last = (int) ($m[3] ?? 0) ?: ((int) ($m[2] ?? 0) ?: (int) $m[1]);
            $read[] = $shorted >= (int) $m[1] && $shorted <= $last ? '14' : '0.3';
            $next = (new ShortByHalves)->of(['branches' => (string) $branches, 'ohms' => implode(' ', $read)]);
        }
        expect($next->headline)->toBe("Branch $shorted is shorted")->and(count($read) - 1)
            ->toBeLessThanOrEqual((int) ceil(log($branches, 2)));
    }
})->with([1, 2, 3, 5, 8, 13, 32]);

it('says what is read first, and that nothing is shorted', function (string $ohms, Verdict $is, string $headline): void {
    // under two ohms it is a short: common practice, no published source
    $judgement = (new ShortByHalves)->of(['branches' => '6', 'ohms' => $ohms]);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toBe($headline);
})->with([
    ['', Verdict::CannotSay, 'Read it with all branches on'], ['2', Verdict::Good, 'No short there now'],
    ['OL', Verdict::Good, 'No short there now'], ['1.9', Verdict::CannotSay, 'It is one of branches 1 to 6'],
    ['0.3 0.3', Verdict::CannotSay, 'It is one of branches 4 to 6'], ['0.3 14', Verdict::CannotSay, 'It is one of branches 1 to 3'],
]);

it('refuses branches that cannot be counted', function (string $branches, string $message): void {
    expect(fn () => (new ShortByHalves)->of(['branches' => $branches]))->toThrow(BadGiven::class, $message);
})->with([['2.5', 'Branches are counted'], ['33', 'Branches are counted'], ['0', 'cannot be zero'], ['-4', 'below nothing'],
    ['six', 'not a number']]);
