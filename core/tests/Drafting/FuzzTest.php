<?php

declare(strict_types=1);

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Difference;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Review;
use Levin\Core\Drafting\Terminals;
use Levin\Core\Ladder\Layout;
use Levin\Core\Parts\Catalogue;

/** Edits that somebody might type: most can be made, some cannot. */
final class Typist
{
    private readonly Random\Randomizer $random;

    private int $n = 0;

    public function __construct(int $seed)
    {
        $this->random = new Random\Randomizer(new Random\Engine\Xoshiro256StarStar($seed));
    }

    /** @param  array<array-key, mixed>  $of */
    private function one(array $of): string
    {
        $of = array_values($of);
        $one = $of === [] ? '' : $of[$this->random->getInt(0, count($of) - 1)];

        return is_scalar($one) ? (string) $one : '';
    }

    public function line(Draft $draft): string
    {
        $this->n++;
        $part = $this->one(array_keys($draft->parts()));
        $wire = $this->one(array_keys($draft->wires()));
        $points = [];
        foreach ($draft->wires() as $one) {
            array_push($points, $one['from'], $one['to']);
        }
        $point = fn (): string => $this->one($points);
        $kind = $this->one(array_keys(Catalogue::classes()));
        $fields = array_map(static fn ($f): string => $f->name, Catalogue::definition($draft->part($part)['kind'])->fields ?? []);
        $place = $this->one(array_keys($draft->world('places')));
        $terminals = Terminals::lettered($draft, $part) ?: ['1'];

        return match ($this->random->getInt(0, 19)) {
            0 => "rename $part ".$this->one(['N', 'K', 'CC', 'bad', 'X2', 'COMP']).$this->n,
            1 => "label $part \"Called $this->n\"",
            2, 3 => "plate $part ".($this->one($fields) ?: 'volts').' '.$this->one([24, 240, 0, -3, 1e9, 'words', 3.5]),
            4 => "insert $wire S$this->n ".$this->one(['fuse', 'pressure-switch', 'limit', 'dry-contact', $kind]),
            5 => "insert $wire S$this->n $kind \"One more\" ".$this->one(['1', 'A', 'L1']).' '.$this->one(['2', 'B', 'T1']),
            6 => "branch {$point()} {$point()} P$this->n ".$this->one(['heater', 'solenoid', 'coil', $kind]),
            7 => "remove $part",
            8 => "move $part $wire",
            9 => "reland $wire ".$draft->wire($wire)[$this->one(['from', 'to'])].' '.$point(),
            10 => "kind $part $kind",
            11 => "kind $part $kind ".$this->one($terminals).'=1',
            12 => "colour $wire ".$this->one(['red', 'pink', 'white/red']),
            13 => "gauge $wire ".$this->one([18, 14, 13]),
            14 => "wire {$point()} {$point()} black",
            15 => "cut $wire",
            16 => "terminal $part ".$this->one($terminals)." T$this->n",
            17 => $this->one(["pin $part P$this->n", 'unpin '.$part.' '.$this->one($terminals)]),
            18 => "sit $part $place",
            default => $this->one([
                "step $part s$this->n \"lamp lit; to standby if call for 5 s\"",
                "unstep $part ".$this->one(array_keys((array) ($draft->parts()[$part]['program']['steps'] ?? ['standby' => 1]))),
                "senses $part in$this->n R C 12",
                "printed $part \"lit\" \"well\"",
            ]),
        };
    }
}

it('comes by any edits to what is sound or has located problems, every wire on two parts, names once each, and back', function (): void {
    // 5,000 edits, of every shipped circuit in turn; each begins anew after a while, so that not all of it is broken
    $files = glob(__DIR__.'/../../../circuits/*.yaml') ?: [];
    $typist = new Typist(20261130);
    $made = $refused = $sound = $broken = $drawn = 0;
    $verbs = [];
    while ($made + $refused < 5000) {
        $drafts = [Draft::of((string) file_get_contents($files[intdiv($made + $refused, 100) % count($files)]))];
        for ($n = 0; $n < 100; $n++) {
            $draft = $drafts[count($drafts) - 1];
            $line = $typist->line($draft);
            try {
                $next = Edits::said($line)->on($draft);
            } catch (CannotEdit $e) {
                expect($e->getMessage())->not->toBe('');
                $refused++;

                continue;
            }
            $made++;
            $verbs[explode(' ', $line)[0]] = true;
            foreach ($next->wires() as $id => $own) {
                if (! isset($next->parts()[Draft::partOf($own['from'])], $next->parts()[Draft::partOf($own['to'])])) {
                    throw new LogicException("$line leaves $id hanging.");
                }
            }
            if ($n % 33 === 0) {
                // names are once each by being keys, and come back from the text as they went in
                $read = Draft::of($next->text());
                expect(array_keys($read->parts()))->toEqualCanonicalizing(array_keys($next->parts()))
                    ->and(array_keys($read->wires()))->toEqualCanonicalizing(array_keys($next->wires()));
                $review = Review::of($next);
                $review->isSound() ? $sound++ : $broken++;
                foreach ($review->wrong as $wrong) {
                    $isLocated = $wrong->on !== '' || $wrong->line !== null;
                    expect($isLocated)->toBeTrue("$line: $wrong")->and($wrong->what)->not->toBe('');
                }
                if ($review->model !== null) {
                    Layout::of($review->model);
                    $drawn++;
                }
            }
            $drafts[] = $next;
        }
        // undone is the one before: each stands untouched, and the way back is no difference at all
        foreach ([0, intdiv(count($drafts), 2)] as $at) {
            expect(Difference::between($drafts[$at], Draft::of($drafts[$at]->text())))->toBe([]);
        }
    }
    expect($made)->toBeGreaterThan(2500)->and($sound)->toBeGreaterThan(15)->and($broken)->toBeGreaterThan(50)
        ->and($drawn)->toBeGreaterThan(100)->and(count($verbs))->toBeGreaterThan(18);
});
