<?php

use App\Calls\BadMoment;
use App\Calls\Moment;
use App\Database\ImmediateConnection;
use App\Database\Write;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;

/** A second, separate way into one database on disk. */
function twoWays(): array
{
    $path = tempnam(sys_get_temp_dir(), 'levin');
    foreach (['one', 'two'] as $name) {
        Config::set(
            "database.connections.$name",
            [...Config::get('database.connections.sqlite'), 'database' => $path, 'busy_timeout' => 50],
        );
    }
    DB::connection('one')->statement('CREATE TABLE counts (n integer)');
    DB::connection('one')->table('counts')->insert(['n' => 0]);

    return [DB::connection('one'), DB::connection('two')];
}

it('takes the write lock when a transaction begins, so that what is counted in it is still so', function (): void {
    [$one, $two] = twoWays();
    expect($one)->toBeInstanceOf(ImmediateConnection::class);
    $one->beginTransaction();
    // nothing written yet, and still nobody else can begin
    expect(fn () => $two->beginTransaction())->toThrow(PDOException::class, 'locked');
    $one->table('counts')->update(['n' => 1]);
    $one->commit();
    // and the connection that was turned away is none the worse for it
    $two->transaction(fn () => $two->table('counts')->increment('n'));
    expect($two->table('counts')->value('n'))->toBe(2);
});

it('rolls a transaction back, nested ones alone', function (): void {
    [$one] = twoWays();
    $one->beginTransaction();
    $one->table('counts')->update(['n' => 5]);
    $one->beginTransaction();
    $one->table('counts')->update(['n' => 6]);
    $one->rollBack();
    expect($one->table('counts')->value('n'))->toBe(5);
    $one->rollBack();
    expect($one->table('counts')->value('n'))->toBe(0)->and($one->transactionLevel())->toBe(0);
});

it('tries again while another writer holds the database, and gives up in the end', function (): void {
    Sleep::fake();
    $locked = fn (): QueryException => new QueryException(
        'sqlite',
        'x',
        [],
        new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'),
    );
    $tries = 0;
    $done = Write::transaction(function () use (&$tries, $locked): string {
        return ++$tries < 4 ? throw $locked() : 'done';
    });
    expect($done)->toBe('done')->and($tries)->toBe(4);
    Sleep::assertSleptTimes(3);
    $tries = 0;
    $always = function () use (&$tries, $locked): never {
        $tries++;
        throw $locked();
    };
    expect(fn () => Write::transaction($always))->toThrow(PDOException::class, 'locked')->and($tries)->toBe(6);
});

it('does not try again what would fail again', function (): void {
    Sleep::fake();
    $tries = 0;
    $broken = function () use (&$tries): never {
        $tries++;
        throw new LogicException('no');
    };
    expect(fn () => Write::transaction($broken))->toThrow(LogicException::class)->and($tries)->toBe(1);
    Sleep::assertNeverSlept();
});

it('reads times with their zone, to the millisecond', function (string $text, string $utc): void {
    $this->travelTo('2026-11-25T12:00:00Z');
    expect(Moment::past('noted_at', $text)->format('Y-m-d\TH:i:s.v'))->toBe($utc);
})->with([
    ['2026-11-23T09:30:00Z', '2026-11-23T09:30:00.000'],
    ['2026-11-23T09:30:00.417Z', '2026-11-23T09:30:00.417'],
    ['2026-11-23T09:30:00+05:30', '2026-11-23T04:00:00.000'],
    ['2026-11-23T09:30-0800', '2026-11-23T17:30:00.000'],
    ['2000-01-01T00:00:00Z', '2000-01-01T00:00:00.000'],
    ['2026-11-26T11:59:59Z', '2026-11-26T11:59:59.000'],
]);

it('refuses times that are none, or out of reason', function (string $text, bool $planned): void {
    $this->travelTo('2026-11-25T12:00:00Z');
    expect(fn () => $planned ? Moment::planned('x', $text) : Moment::past('x', $text))->toThrow(
        fn (BadMoment $e) => expect($e->field)->toBe('x'),
    );
})->with([
    ['2026-11-26T12:00:01Z', false],
    ['2031-11-25T12:00:01Z', true],
    ['1999-12-31T23:59:59Z', false],
    ['1999-12-31T23:59:59Z', true],
    ['2026-02-30T09:30', false],
    ['20261123T093000Z', false],
    ['2026-11-23 09:30:00Z', false],
    ['2026-11-23T09:30:00.1234567Z', false],
    [str_repeat('2', 100), false],
]);

it('plans a call five years ahead', function (): void {
    $this->travelTo('2026-11-25T12:00:00Z');
    expect(Moment::planned('x', '2031-11-25T11:59:59Z')->year)->toBe(2031);
});
