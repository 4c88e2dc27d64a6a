<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\PartHistory;

it('puts together what was judged of each part by each check, the oldest first, what was judged last on top', function (): void {
    $judged = static fn (string $id, string $part, float $value, float $at, string $check = 'insulation'): Event => new Event(
        $id,
        EventType::Judged,
        ['part' => $part, 'label' => "the $part", 'check' => $check, 'verdict' => 'good', 'figures' => [
            ['label' => 'at 40 °C', 'dimension' => 'insulation', 'value' => $value],
        ]],
        $at,
    );
    $histories = PartHistory::of([
        $judged('b', 'COMP', 50e6, 20.0), $judged('a', 'COMP', 120e6, 10.0), $judged('d', 'COMP', 1.0, 15.0, 'no such check'),
        $judged('c', 'OFM', 90e6, 30.0), new Event('n', EventType::Note, ['text' => 'bees'], 5.0),
    ]);
    expect(array_map(static fn (PartHistory $h): string => "$h->label $h->check", $histories))
        ->toBe(['the OFM insulation', 'the COMP insulation', 'the COMP no such check'])
        ->and(array_map(static fn ($then): string => $then->event, $histories[1]->judged))->toBe(['a', 'b'])
        ->and($histories[1]->trend()?->verdict)->toBe(Verdict::Watch)->and($histories[0]->trend())->toBeNull()
        ->and($histories[2]->trend())->toBeNull();
    $struck = PartHistory::of([
        $judged('a', 'COMP', 120e6, 10.0), $judged('b', 'COMP', 50e6, 20.0),
        new Event('s', EventType::Strike, ['event' => 'b', 'reason' => 'wrong lead'], 21.0),
    ]);
    expect($struck[0]->judged[1]->struck)->toBe('wrong lead')->and($struck[0]->trend())->toBeNull();
});
