<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Noting;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Operation\Stretch;
use Levin\Core\Parts\Sign;
use Levin\Core\Record\Rung\Stop;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

/** A technician who does what the screen says, with a meter on a unit in which something is hidden. */
trait GoesTheWay
{
    /** Complaint, history, and what is seen of some parts of a unit in which something is hidden. */
    protected function arrive(int $call, Unit $unit, string $fault, string ...$parts): void
    {
        $this->complain($call, 'all the time');
        $this->look($unit, $fault, ...$parts);
    }

    /** Complaint and history. */
    protected function complain(int $call, string $pattern): void
    {
        $this->visit("/calls/$call/".Stop::Arrive->value);
        $this->click("[data-choice='$pattern']");
        $this->press('Keep the complaint');
        // the page closes up where its form was: what is pressed next must not move from under the hand
        $this->find('section[aria-label=Complaint]');
        $this->press('I have read it');
        $this->until(
            fn (): bool => ! str_contains($this->text('[aria-label="Has been here"]'), 'I have read it'),
            'the history read',
        );
    }

    /** What is seen of some parts of a unit in which something is hidden. */
    protected function look(Unit $unit, string $fault, string ...$parts): void
    {
        $hidden = $this->hidden($unit, $unit->conditions(), $fault);
        foreach ($parts as $part) {
            $seen = $hidden->look($part);
            $this->until(function () use ($part, $seen): bool {
                foreach ($this->driver()->findElements(WebDriverBy::cssSelector("[data-see=$part] button")) as $key) {
                    if ($key->getText() === $seen && $key->isEnabled()) {
                        $this->hit($key);

                        return true;
                    }
                }

                return false;
            }, "$part: $seen");
            $this->find("[data-see=$part] [aria-pressed=true]");
        }
    }

    /** A picture out of the telephone. */
    protected function photograph(string $part, string $words): void
    {
        $file = tempnam(sys_get_temp_dir(), 'levin-photo').'.png';
        imagepng(imagecreatetruecolor(2000, 1500), $file);
        $this->choose('select[name=photo-of]', $part);
        $this->type('input[name=photo-words]', $words);
        // the key lies over the field: it is filled as the telephone fills it
        $this->driver()->findElement(WebDriverBy::cssSelector('input[name=photo]'))->sendKeys($file);
        $shown = fn (): bool => $this->driver()->executeScript(
            "return [...document.querySelectorAll('[aria-label=Photographs] img')].some((i) => i.naturalWidth === 1600)",
        );
        $this->until($shown, 'the photograph, scaled');
        $this->sees($words, '[aria-label=Photographs]');
        unlink($file);
    }

    /** With something hidden in it, a quarter of an hour later. */
    private function hidden(Unit $unit, Conditions $conditions, string $fault): HiddenUnit
    {
        $faults = $unit->model()->faults->parseAll([$fault]);
        $hidden = new HiddenUnit($unit->settler, $conditions, $faults, false, new Luck, new Dice(1));
        $hidden->wait(900.0);

        return $hidden;
    }

    /**
     * Steps and tests, until something is found.
     *
     * @return list<string> which functions the tests were made with
     */
    protected function follow(int $call, string $fault, ?Unit $unit = null): array
    {
        $kinds = [];
        for ($steps = 0; $steps < 40; $steps++) {
            $trace = $this->api("calls/$call");
            if ($trace['suspects']['found'] !== null) {
                break;
            }
            $advice = $trace['next'][0];
            $this->sees($advice['title'], '[data-next-title]');
            $first = array_column(array_filter($advice['steps'], fn (array $s): bool => $s['event'] !== null), 'event')[0] ?? null;
            $events = count($trace['events']);
            if ($first !== null) {
                $this->doStep($first, $events);

                continue;
            }
            $kinds[] = $advice['function'] ?? 'look';
            $answer = $this->answerTo($advice, $fault, $trace['standing'], $unit);
            if (in_array($advice['kind'], ['look', 'watch', 'feel'], true)) {
                array_map(fn (string $seen) => $this->click("[data-seen='$seen']"), explode(', ', $answer));
            }
            if ($advice['kind'] === 'watch') {
                $this->press('Keep it');
            } elseif ($advice['kind'] === 'gauge') {
                $this->type('input[name=quantity]', $answer);
                $this->press('Keep the reading');
            } elseif ($advice['function'] !== null) {
                $this->enter($answer);
                $this->keep();
            }
            $this->logged($events + 1, 'the answer');
        }

        return $kinds;
    }

    /** A reading by thumb on the keys of the dock, or typed. */
    protected function enter(string $answer): void
    {
        if (! $this->byThumb || preg_match('/^(\d[\d.]*) ?([kM]?)(Ω|V|A|µF)$/u', $answer, $read) !== 1) {
            $this->type('input[name=reading]', $answer);

            return;
        }
        $prefix = match ($read[2]) {
            'k' => ['k M'],
            'M' => ['k M', 'k M'],
            default => [],
        };
        foreach ([...str_split($read[1]), ...$prefix] as $key) {
            $this->click("[data-keypad] [data-key='$key']");
        }
        expect($this->find('input[name=reading]')->getAttribute('value'))->toBe($read[1].$read[2]);
    }

    /** Leads on two points of the drawing, and what the meter shows. */
    protected function read(int $call, string $red, string $black, string $function, string $entered): void
    {
        $events = $this->events($call);
        $this->tap("[data-point='$red']");
        $this->sees($red, '[data-lead=red]');
        $this->tap("[data-point='$black']");
        $this->sees($black, '[data-lead=black]');
        $this->click("[aria-label='$function']");
        $this->type('input[name=reading]', $entered);
        $this->keep();
        $this->logged($events + 1, "$entered on $red");
    }

    /** What a part is called on the drawing. */
    protected function lettersOf(int $call, string $label): string
    {
        $parts = $this->api('revisions/'.$this->api("calls/$call")['revision'])['parts'];

        return array_column($parts, 'id', 'label')[$label];
    }

    /** How many there are, without working out what they mean. */
    protected function events(int $call): int
    {
        return count($this->api("calls/$call/call.json")['events']);
    }

    /** So many events of the call are on the screen. */
    protected function logged(int $count, string $what): void
    {
        $this->until(fn (): bool => str_contains($this->text('[aria-label=Log] h2'), "· $count"), "$what in the log");
    }

    /** Everything is put back that was opened on the way. */
    protected function putBack(int $call): void
    {
        $this->visit("/calls/$call/".Stop::Repair->value);
        $this->find('[aria-label="To put back"]');
        $open = fn (): int => $this->driver()->executeScript("return document.querySelectorAll('[data-open-item]').length");
        for ($items = $open(); $items > 0; $items--) {
            $this->until(fn (): bool => $this->find('[data-open-item] button')->isEnabled(), 'the way to put it back');
            $this->click('[data-open-item] button');
            $this->until(fn (): bool => $open() === $items - 1, 'one less to put back');
        }
        $this->sees('Nothing open.', '[aria-label="To put back"]');
    }

    /** What each load draws, and a whole cycle. */
    protected function verify(int $call): void
    {
        $this->visit("/calls/$call/".Stop::Verify->value);
        foreach ($this->api("calls/$call")['loads'] as $load) {
            $this->type("input[name=amps-{$load['part']}]", (string) round($load['expected'], 2));
            $this->click("[data-load={$load['part']}] button");
            $row = fn (): string => $this->text("[data-load={$load['part']}]");
            $this->until(fn (): bool => ! str_contains($row(), 'not measured'), "{$load['label']} measured");
            expect($row())->not->toContain('✕');
        }
        $this->watch(0);
    }

    /** A whole cycle, begun so many minutes ago. */
    protected function watch(int $minutes): void
    {
        $this->press('Begin to watch');
        $this->sees('A whole cycle', '[aria-label="Watch one full cycle"]');
        $this->driver()->executeScript(<<<'JS'
            const [key] = Object.keys(localStorage).filter((k) => k.startsWith('levin.begun.watch.'));
            const begun = JSON.parse(localStorage.getItem(key));
            localStorage.setItem(key, JSON.stringify({ ...begun, since: begun.since - 60_000 * arguments[0] }));
            JS, [$minutes]);
        // as after an empty battery
        $this->driver()->navigate()->refresh();
        $this->press('A whole cycle, as it should');
        $this->sees("Watched for $minutes", '[aria-label="Watch one full cycle"]');
    }

    protected function tellAndClose(int $call, string $whom): void
    {
        $this->visit("/calls/$call/".Stop::HandOver->value);
        $this->type('input[name=who]', $whom);
        $this->press('They are told');
        $this->sees(mb_strtoupper("Told $whom"), '[aria-label=Told]');
        $this->press('Close the call');
        $this->sees('This call is closed.');
    }

    /** The next order, done. */
    protected function doStep(string $event, int $events): void
    {
        $this->click('[data-step=next]');
        if ($event === 'proved-dead') {
            $this->checkProof();
        }
        $this->logged($events + 1, "the step: $event");
    }

    private function checkProof(): void
    {
        foreach (['known_before', 'circuit_dead', 'known_after'] as $step) {
            $this->click("input[name=$step]");
        }
        $this->press('Proved dead');
        $this->sees('PROVED DEAD', '[role=status]');
    }

    /** Everything off, and proved, before a part is fitted. */
    protected function makeDead(int $call): void
    {
        $this->visit("/calls/$call/".Stop::Repair->value);
        $this->find('[aria-label="To put back"]');
        if ($this->api("calls/$call")['standing']['proved_dead']) {
            return;
        }
        $this->press('Prove it dead');
        foreach ($this->api("calls/$call")['standing']['conditions'] as $condition) {
            if ($condition['power'] && $condition['value']) {
                $this->click("[data-off={$condition['name']}]");
                $gone = fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector("[data-off={$condition['name']}]")) === [];
                $this->until($gone, "{$condition['label']} off");
            }
        }
        $this->checkProof();
    }

    /** What the hidden unit answers to the test now recommended on the screen, under the conditions the call stands in. */
    protected function answerTo(array $advice, string $fault, array $standing, ?Unit $unit = null): string
    {
        $unit ??= Unit::cooling();
        $conditions = $unit->conditions(array_column($standing['conditions'], 'value', 'name'))->lifting($standing['lifted']);
        if (in_array($advice['kind'], ['watch', 'peak'], true)) {
            $faults = $unit->model()->faults->parseAll([$fault]);
            $story = (new Storyteller($unit->model(), $unit->settler->networks))->tell($conditions, $faults);
            $early = array_filter($story->stretches, fn (Stretch $s): bool => $s->from < Noting::SECONDS);
            $read = fn (Stretch $s): float => $s->settled->between($advice['red'], $advice['black'])->abs();
            $seen = fn (Stretch $s): string => $s->settled->observed($advice['red']);

            return $advice['kind'] === 'peak'
                ? Display::format(MeterFunction::VoltsAc, max(array_map($read, $early)))
                : implode(', ', array_intersect($advice['choices'], array_map($seen, $early)));
        }
        $hidden = fn (): HiddenUnit => $this->hidden($unit, $conditions, $fault);
        $settled = $unit->settle($conditions, [$fault], $unit->with($fault)->states);

        return match ($advice['kind']) {
            'look' => $settled->observed($advice['red']),
            'feel' => $hidden()->feel($advice['red'], Sign::from($advice['choices'][0]))->value,
            'gauge' => sprintf('%.0f', $hidden()->gauge($advice['red'])),
            'clamp' => (new Meter($unit->settler))->clamp([Clamped::parse($advice['red'])], $settled)->display(),
            default => $unit->read(MeterFunction::from($advice['function']), $advice['red'], $advice['black'], $settled)->display(),
        };
    }
}
