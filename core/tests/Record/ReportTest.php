<?php

use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Report\JumperTest;
use Levin\Core\Record\Report\ReadLine;
use Levin\Core\Record\Report\Report;
use Levin\Core\Record\Rung\OpenItem;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Tests\Support\Called;
use Levin\Core\Tests\Support\Unit;

// What a call hands over: made of its log alone.

function reportOf(Called $call): Report
{
    return new Report(Visit::of(Unit::cooling()->model(), $call->log, $call->judged()));
}

function withFinding(Called $call, string $fault = 'CAP:herm-weak'): Called
{
    return $call->noted(EventType::Finding, ['faults' => [$fault], 'label' => 'Capacitor weak', 'cause' => '']);
}

it('has what was read in order with what the bench makes of it, and nothing that was struck out', function (): void {
    $call = (new Called(Unit::cooling()))->see('OFM', 'silent')->enterVolts('CC.T1', 'CC.T2', 239.0)->enterAmps('w16', 1.6)
        ->enterVolts('CC.A', 'CC.B', 3.0)->strike(3);
    $lines = reportOf($call)->readings();
    expect(array_map(static fn (ReadLine $l): string => "$l->what | $l->shown", $lines))->toBe([
        'Look: Outdoor fan motor | silent', 'Volts: CC.T1 → CC.T2 | 239.0 V', 'Amperes: w16 | 1.60 A',
    ])->and($lines[2]->verdict)->toBe(Verdict::Bad)->and($lines[2]->judged)->not->toBe('')->and($lines[0]->verdict)->toBeNull();
});

it('shows a reading as it was typed, with its unit', function (string $entered, string $shown): void {
    $call = (new Called(Unit::cooling()))->noted(EventType::Reading, [
        'function' => 'vac', 'red' => 'CC.T1', 'black' => 'CC.T2', 'entered' => $entered, 'value' => 239.6,
    ]);
    expect(reportOf($call)->readings()[0]->shown)->toBe($shown);
})->with([['239.6V', '239.6V'], ['239.6', '239.6 V']]);

it('tells what was told, in the words that were used; until then what the log tells', function (): void {
    $call = withFinding(new Called(Unit::cooling()));
    expect(reportOf($call)->told())->toContain('We found: Capacitor weak.');
    $call->noted(EventType::WasTold, ['who' => 'Ines', 'words' => 'The can was weak.', 'said' => 'Fine.']);
    expect(reportOf($call)->told())->toBe('The can was weak.')->and(reportOf($call)->tellings())->toHaveCount(1);
});

it('says what may fail next: doubtful, and neither found at fault nor renewed', function (): void {
    // 1.2 A of 1.1 on its plate, and a blower of 2.3 at 3.1: over; common practice, no published source
    $call = (new Called(Unit::cooling()))->enterAmps('w16', 1.6)->enterAmps('w34', 3.1);
    expect(reportOf($call)->failingNext())->toHaveCount(2)
        ->and(reportOf(withFinding($call, 'OFM:dragging'))->failingNext())->toHaveCount(1)
        ->and(reportOf($call->noted(EventType::Replaced, ['part' => 'IBM']))->failingNext())->toBe([])
        ->and(reportOf((new Called(Unit::cooling()))->enterAmps('w16', 1.6)->enterAmps('w16', 1.0))->failingNext())->toBe([]);
});

it('has every jumper with how long it was on', function (): void {
    $on = ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'to try it'];
    $call = (new Called(Unit::cooling()))->noted(EventType::Jumper, $on)
        ->noted(EventType::Jumper, ['from' => 'TST.Y', 'to' => 'TST.R', 'on' => false])->noted(EventType::Jumper, $on);
    $jumpers = reportOf($call)->jumpers();
    expect(array_map(static fn (JumperTest $j): ?float => $j->seconds, $jumpers))->toBe([10.0, null])
        ->and($jumpers[0]->reason)->toBe('to try it');
});

it('has what is left open, and what was passed over with its reason', function (): void {
    $call = withFinding(new Called(Unit::cooling()))->set('outdoor_breaker', false)
        ->noted(EventType::Left, ['how' => 'return', 'words' => 'motor ordered', 'must_not' => 'cooling', 'off' => ['outdoor_breaker']])
        ->noted(EventType::Waived, ['contact' => 'verified', 'on' => true, 'reason' => 'nothing may run']);
    $report = reportOf($call);
    expect(array_map(static fn (OpenItem $i): array => [$i->label, $i->isLeft], $report->open()))->toBe([['Outdoor breaker', true]])
        ->and($report->left()?->text('must_not'))->toBe('cooling')
        ->and($report->waived()[0]->waived)->toBe('nothing may run');
});
