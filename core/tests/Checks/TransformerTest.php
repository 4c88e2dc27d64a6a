<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Transformers\ControlTransformer;

it('judges by its volts, its load off and on', function (array $given, Verdict $verdict, string $headline): void {
    // 24 to 28 V open, nine tenths of 24 V loaded (common practice, no published source)
    $judgement = (new ControlTransformer)->of($given);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->headline)->toBe($headline);
})->with([
    [['open' => '26.7'], Verdict::Good, 'Transformer good'],
    [['open' => '23.9'], Verdict::Watch, 'Low with its load off: the wrong tap, or turns shorted'],
    [['open' => '24.1'], Verdict::Good, 'Transformer good'], [['open' => '28.1'], Verdict::Watch, 'High with its load off: the wrong tap'],
    [['open' => '0'], Verdict::Bad, 'Nothing out of the secondary'], [['loaded' => '21.7'], Verdict::Good, 'Transformer good'],
    [['loaded' => '21.5'], Verdict::Bad, 'Its load pulls it down'],
    [['primary' => '0', 'open' => '0'], Verdict::CannotSay, 'Nothing into the primary: it is not the transformer yet'],
    // at 208 V on the 240 V tap the secondary has 208/240 of its volts [physics]
    [['primary' => '208', 'rated' => '240', 'open' => '22.5'], Verdict::Good, 'Transformer good'],
    [['primary' => '208', 'rated' => '240', 'open' => '20'], Verdict::Watch, 'Low with its load off: the wrong tap, or turns shorted'],
    [['primary_ohms' => 'OL'], Verdict::Bad, 'Primary open'],
    // whole windings may still have shorted turns
    [['secondary_ohms' => '0.8', 'primary_ohms' => '48'], Verdict::CannotSay, 'Its windings conduct; whether it works, volts tell'],
    [['secondary_ohms' => '0.8', 'open' => '26.7'], Verdict::Good, 'Transformer good'],
    [[], Verdict::CannotSay, 'Too little is known'],
]);

it('adds up what it feeds, against its rating and class 2', function (string $va, string $loads, Verdict $verdict): void {
    // NEC chapter 9, table 11(A): 100 VA (from memory); four fifths as a reserve is common practice
    expect((new ControlTransformer)->of(['va' => $va, 'loads' => $loads])->verdict)->toBe($verdict);
})->with([
    ['40', '9 8 10', Verdict::Good], ['40', '16 16', Verdict::Good], ['40', '16 17', Verdict::Watch], ['40', '20 21', Verdict::Bad],
    ['150', '50 49', Verdict::Good], ['150', '51 50', Verdict::Watch],
]);

it('names the limit of class 2 where the plate allows more', function (): void {
    $limits = (new ControlTransformer)->of(['va' => '150', 'loads' => '60 60'])->limits;
    expect(array_map(static fn (Limit $l): string => $l->source->words, $limits))->toBe(['NEC chapter 9, table 11(A) (from memory)']);
});
