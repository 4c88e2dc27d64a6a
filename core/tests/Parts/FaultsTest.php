<?php

declare(strict_types=1);

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\BadAmount;
use Levin\Core\Operation\FaultList;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;
use Levin\Core\Parts\Sequencing\Guard;
use Levin\Core\Parts\Setting;
use Levin\Core\Tests\Support\Unit;

function faultList(): FaultList
{
    return Unit::cooling()->model()->faults;
}

it('reads a fault as people write it, once', function (): void {
    $plain = faultList()->parse('HP:open');
    $bad = faultList()->parse('w24:loose=15');
    $small = faultList()->parse('COMP:leaky=8e4');
    expect($plain->fault->target)->toBe('HP')->and($plain->fault->mode->id)->toBe('open')->and($plain->amount)->toBeNull()
        ->and($plain->id())->toBe('HP:open')
        ->and($bad->amount)->toBe(15.0)->and($bad->id())->toBe('w24:loose=15')->and($bad->fault->inWire)->toBeTrue()
        ->and($plain->fault->inWire)->toBeFalse()
        ->and($small->amount)->toBe(80000.0);
});

it('names in a fault the part or wire it sits in', function (): void {
    $wire = Unit::cooling()->model()->circuit->wire('w24');
    expect(faultList()->find('HP:open')->label)->toBe('High-pressure switch: open with nothing wrong')
        ->and(faultList()->find('w24:open')->label)->toBe(ucfirst($wire->colour)." wire $wire->from to $wire->to: broken or loose");
});

it('refuses what is no fault, and what is no amount of it', function (string $text, string $class, string $message): void {
    expect(fn () => faultList()->parse($text))->toThrow($class, $message);
})->with([
    ['HP:opne', UnknownName::class, 'There is no fault "HP:opne" in this circuit. Did you mean HP:open?'],
    ['HP', UnknownName::class, 'There is no fault "HP"'],
    ['HP:open=3', BadAmount::class, 'HP:open has no degrees: leave out "=3".'],
    ['w24:loose=much', BadAmount::class, '"much" is not an amount for w24:loose: give a number above nothing, in Ω.'],
    ['w24:loose=0', BadAmount::class, 'above nothing'],
    ['w24:loose=-1', BadAmount::class, 'above nothing'],
    ['w24:loose=1e999', BadAmount::class, 'above nothing'],
    ['w24:loose=', BadAmount::class, 'above nothing'],
]);

it('suspects what is common and can still inject the rest', function (): void {
    $suspects = array_map(fn ($f): string => $f->id(), faultList()->suspects());
    expect($suspects)->toContain('HP:open', 'w24:open', 'HP:worn')->not->toContain('w24:loose')
        ->and(array_keys(faultList()->all))->toContain('w24:loose');
    foreach (faultList()->suspects() as $fault) {
        expect($fault->mode->weight)->toBeGreaterThanOrEqual(0.1);
    }
});

it('lists no ground fault of a wire that is bonded to its own metal', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    foreach ($circuit->wires as $wire) {
        expect(isset(faultList()->all["$wire->id:grounded"]))->toBe(! $wire->joins($wire->case));
    }
});

it('keeps faults together by what they sit in', function (): void {
    $two = faultList()->parseAll(['HP:open', 'w24:loose=3', 'HP:worn=40']);
    expect($two->in('HP'))->toBe(['open' => null, 'worn' => 40.0])
        ->and($two->in('w24'))->toBe(['loose' => 3.0])
        ->and($two->in('CC'))->toBe([])
        ->and($two->targets())->toBe(['HP', 'w24'])
        ->and($two->ids())->toBe(['HP:open', 'w24:loose=3', 'HP:worn=40'])
        ->and($two->isEmpty())->toBeFalse()
        ->and(Faults::none()->isEmpty())->toBeTrue();
});

it('lets faults come and go, a known one with its new amount', function (): void {
    $open = faultList()->parse('HP:open');
    $loose = faultList()->parse('w24:loose=3');
    $both = Faults::of($open)->with($loose);
    $worse = $both->with(new InjectedFault($loose->fault, 30.0));
    expect($both->ids())->toBe(['HP:open', 'w24:loose=3'])
        ->and($worse->in('w24'))->toBe(['loose' => 30.0])->and($worse->all)->toHaveCount(2)
        ->and($worse->without($loose->fault)->ids())->toBe(['HP:open'])
        ->and($both->without($open->fault, $loose->fault)->isEmpty())->toBeTrue()
        ->and($both->equals(Faults::of($open, $loose)))->toBeTrue()
        ->and($both->equals($worse))->toBeFalse()
        ->and($both->with()->equals($both))->toBeTrue();
});

it('tells a part how bad its failure is', function (): void {
    $setting = new Setting(Unit::cooling()->conditions(), ['worn' => 40.0, 'open' => null], 377.0);
    $direct = new Setting(Unit::cooling()->conditions(), [], 0.0);
    expect($setting->has('open'))->toBeTrue()->and($setting->has('welded'))->toBeFalse()
        ->and($setting->amount('worn', 30.0))->toBe(40.0)
        ->and($setting->amount('open', 30.0))->toBe(30.0)
        ->and($setting->degree('worn', 30.0, 0.0))->toBe(40.0)
        ->and($setting->degree('open', 30.0, 0.0))->toBe(30.0)
        ->and($setting->degree('welded', 30.0, 0.5))->toBe(0.5)
        ->and($setting->isDirect())->toBeFalse()->and($direct->isDirect())->toBeTrue()
        ->and($setting->isOn('call_cool'))->toBeTrue();
});

it('waits for what a board\'s program says', function (string $text, array $sensed, array $counts, bool $holds): void {
    expect(Guard::parse($text)->holds($sensed, $counts))->toBe($holds);
})->with([
    ['draft', ['draft' => true], [], true],
    ['draft', ['draft' => false], [], false],
    ['not draft', ['draft' => false], [], true],
    ['not draft', ['draft' => true], [], false],
    ['tries >= 3', [], ['tries' => 3], true],
    ['tries >= 3', [], ['tries' => 2], false],
    ['tries >= 3', [], [], false],
    ['notary', ['notary' => true], [], true],
]);
