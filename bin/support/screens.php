<?php

declare(strict_types=1);

use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Noting;
use Levin\Core\File\CircuitReader;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Story;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;
use Levin\Core\Parts\Sign;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

require_once __DIR__.'/chromium.php';

/**
 * How long a technician waits, as a browser has it: on a running demo, at the unit with the most suspects, with faults hidden in it one
 * after another, its advice followed to the end. From the key that keeps a reading to what it meant, and to the next test; the server has
 * come to rest before each. Then how a call opens, and how the whole drawing moves under the hand.
 *
 * @phpstan-type Step array{event: string|null, data: array{name: string, value: bool, wire: string, lifted: bool, part: string, out: bool}}
 * @phpstan-type Advice array{
 *     kind: string, function: string|null, red: string, black: string, title: string, choices: list<string>, steps: list<Step>,
 * }
 * @phpstan-type Stands array{next: list<Advice>, suspects: array{found: mixed}, events: list<mixed>}
 */
final class Screens
{
    /** Tests that are followed of one call. */
    private const MOST = 16;

    /** Longer than this nobody waits for the server to come to rest. Seconds. */
    private const REST = 90;

    /** Notes when what was kept is told, and when there is a next test or a finding; it looks when the page changes, and is painted. */
    private const WATCH = <<<'JS'
        const told = () => document.querySelector('[data-last-meaning]')?.textContent.replace('Undo', '') ?? '';
        const events = () => document.querySelectorAll('[data-event]').length;
        const seen = { key: null, meaning: null, next: null, told: told(), events: events() };
        const began = (e) => {
            if (seen.key === null && (e.type === 'click' || e.key === 'Enter')) seen.key = performance.now();
        };
        addEventListener('keydown', began, { capture: true });
        addEventListener('click', began, { capture: true });
        window.levinSeen = new Promise((done) => {
            const look = () => {
                const isTold = seen.meaning === null && told() !== seen.told;
                const isNext = events() > seen.events && document.querySelector('[data-settling]') === null
                    && document.querySelector('[data-next-title], [data-finding], [data-help]') !== null;
                if (seen.key === null || !(isTold || (seen.meaning !== null && isNext))) return;
                requestAnimationFrame(() => setTimeout(() => {
                    seen.meaning ??= performance.now() - seen.key;
                    if (isNext) seen.next ??= performance.now() - seen.key;
                    if (seen.next !== null) { observer.disconnect(); done(seen); }
                }));
            };
            const observer = new MutationObserver(look);
            observer.observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
        });
        JS;

    /** @var list<float> milliseconds */
    private array $meanings = [];

    /** @var list<float> */
    private array $advice = [];

    /** @var list<float> */
    private array $openings = [];

    private RemoteWebDriver $driver;

    private Settler $settler;

    private Conditions $usual;

    /** @param  int  $pace  between a key of a reading and the next one, milliseconds */
    public function __construct(
        private readonly string $base,
        private readonly string $circuit,
        private readonly int $calls,
        private readonly int $pace,
    ) {
        $this->driver = chromium(9527);
        $this->driver->manage()->timeouts()->setScriptTimeout(120);
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);
        $this->settler = new Settler(new Model(CircuitReader::fromFile(__DIR__."/../../circuits/$circuit.yaml")));
        $this->usual = Conditions::healthyDefaults($this->settler->model->circuit);
    }

    /** @return array<string, float|int> */
    public function measured(): array
    {
        $this->signIn();
        foreach ($this->faults() as $faults) {
            $this->call($faults);
        }

        return [
            'parts' => count($this->settler->model->circuit->parts),
            'readings' => count($this->meanings),
            'key_to_key_ms' => $this->pace,
            ...self::spread('key_to_meaning_ms', $this->meanings),
            ...self::spread('key_to_next_advice_ms', $this->advice),
            ...self::spread('opening_ms', $this->openings),
            ...$this->drawing(),
        ];
    }

    /**
     * @param  list<float>  $values
     * @return array<string, float>
     */
    private static function spread(string $name, array $values): array
    {
        sort($values);
        $at = static fn (float $share): float => $values === [] ? NAN : $values[(int) floor($share * (count($values) - 1))];

        return ["{$name}_median" => $at(0.5), "{$name}_90th" => $at(0.9), "{$name}_95th" => $at(0.95), "{$name}_most" => $at(1.0)];
    }

    private function signIn(): void
    {
        $this->driver->get("$this->base/");
        $this->there('input[name=email]');
        $this->driver->findElement(WebDriverBy::name('email'))->sendKeys('marit@ternsound.example');
        $this->driver->findElement(WebDriverBy::name('password'))->sendKeys('tern-sound');
        $this->driver->findElement(WebDriverBy::cssSelector('button[type=submit]'))->click();
        $this->there('a[href^="/calls/"]');
    }

    /** @return list<Faults> that someone would notice, spread over all of them, each at its worst */
    private function faults(): array
    {
        $shows = static fn (Story $story): array => array_map(static fn ($s): array => $s->settled->allObserved(), $story->stretches);
        $teller = $this->settler->storyteller();
        $healthy = $shows($teller->tell($this->usual, Faults::none()));
        $noticed = [];
        $all = $this->settler->model->faults->suspects();
        for ($n = 0; $n < count($all) && count($noticed) < $this->calls; $n += max(1, intdiv(count($all), 2 * $this->calls))) {
            $levels = $all[$n]->mode->levels;
            $faults = Faults::of(new InjectedFault($all[$n], $levels === [] ? null : end($levels)));
            if ($shows($teller->tell($this->usual, $faults)) !== $healthy) {
                $noticed[] = $faults;
            }
        }

        return $noticed;
    }

    private function call(Faults $faults): void
    {
        $unit = new HiddenUnit($this->settler, $this->usual, $faults, false, new Luck, new Dice(1));
        $unit->wait(900.0);
        $now = $this->usual;
        $call = $this->fresh();
        $this->rest();
        $this->driver->get("$this->base/calls/$call/trace");
        /** @var float $opened */
        $opened = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const look = () => document.querySelector('svg [data-point]') !== null && document.querySelector('[data-next-title]') !== null
                ? requestAnimationFrame(() => done(performance.now()))
                : requestAnimationFrame(look);
            look();
            JS);
        $this->openings[] = $opened;
        for ($n = 0; $n < self::MOST; $n++) {
            $trace = $this->stands($call);
            $advice = $trace['next'][0] ?? null;
            if ($advice === null || $trace['suspects']['found'] !== null) {
                break;
            }
            $step = array_values(array_filter($advice['steps'], static fn (array $s): bool => $s['event'] !== null))[0] ?? null;
            if ($step !== null) {
                $now = $this->step($call, $step, $now, count($trace['events']));
                $unit->change($now);

                continue;
            }
            $this->rest();
            $this->answer($advice, $unit);
        }
    }

    /** @param  Step  $step */
    private function step(int $call, array $step, Conditions $now, int $events): Conditions
    {
        $this->press('[data-step=next]');
        if ($step['event'] === 'proved-dead') {
            foreach (['known_before', 'circuit_dead', 'known_after'] as $box) {
                $this->press("input[name=$box]");
            }
            $this->press('[role=dialog] button[data-strong=true]:enabled');
        }
        $this->driver->wait(120)->until(fn (): bool => count($this->stands($call)['events']) > $events);
        $data = $step['data'];

        return match ($step['event']) {
            'condition' => $now->with($data['name'], $data['value']),
            'lead' => $data['lifted'] ? $now->lifting([$data['wire']]) : $now->landing([$data['wire']]),
            'pulled' => $data['out'] ? $now->removing([$data['part']]) : $now->restoring([$data['part']]),
            default => $now,
        };
    }

    /** @param  Advice  $advice */
    private function answer(array $advice, HiddenUnit $unit): void
    {
        $function = $advice['function'] === null ? null : MeterFunction::from($advice['function']);
        [$red, $black] = [$advice['red'], $advice['black']];
        $seen = match ($advice['kind']) {
            'look' => [$unit->look($red)],
            'watch' => $unit->watch($red, Noting::SECONDS),
            'feel' => [$unit->feel($red, Sign::from($advice['choices'][0]))->value],
            default => [],
        };
        $measured = static fn (MeterFunction $f): ?float => match (true) {
            $advice['kind'] === 'peak' => $unit->peak($f, $red, $black, Noting::SECONDS),
            $f === MeterFunction::Amps => $unit->clamp(array_map(Clamped::parse(...), explode('+', $red)), 1),
            $f === MeterFunction::MicroampsDc => $unit->inSeries($red),
            default => $unit->measure($f, $red, $black),
        };
        $value = $function === null ? null : $measured($function);
        $entered = $function === null ? null : ($value === null ? 'OL' : Display::format($function, $value));
        if ($advice['kind'] === 'gauge') {
            $this->type('input[name=quantity]', sprintf('%.1f', $unit->gauge($red)));
        } elseif ($entered !== null) {
            $this->type('input[name=reading]', $entered);
        }
        foreach (count($seen) > 1 || $advice['kind'] === 'watch' ? $seen : [] as $one) {
            $this->press("[data-seen='$one']");
        }
        $this->driver->executeScript(self::WATCH);
        match (true) {
            $advice['kind'] === 'watch' => $this->pressWords('Keep it'),
            $seen !== [] => $this->press("[data-seen='$seen[0]']"),
            $advice['kind'] === 'gauge' => $this->pressWords('Keep the reading'),
            default => $this->driver->getKeyboard()->sendKeys("\u{E007}"),
        };
        try {
            /** @var array{meaning: float, next: float} $noted */
            $noted = $this->driver->executeAsyncScript('window.levinSeen.then(arguments[arguments.length - 1])');
        } catch (ScriptTimeoutException) {
            $says = $this->driver->findElement(WebDriverBy::tagName('body'))->getText();
            exit("Nothing came of \"{$advice['title']}\". The screen says:\n$says\n");
        }
        $this->meanings[] = $noted['meaning'];
        $this->advice[] = $noted['next'];
        fprintf(STDERR, "%-50s %5.0f %5.0f ms\n", mb_substr($advice['title'], 0, 50), $noted['meaning'], $noted['next']);
    }

    private function fresh(): int
    {
        /** @var array{items: list<array{id: int, circuit: array{id: string}}>} $units */
        $units = $this->api('units?per_page=100');
        $unit = array_values(array_filter($units['items'], fn (array $u): bool => $u['circuit']['id'] === $this->circuit))[0]
            ?? exit("The demo has no unit of $this->circuit.\n");

        /** @var int */
        return $this->driver->executeAsyncScript(<<<'JS'
            const [unit, done] = arguments;
            const token = decodeURIComponent(document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN=')).slice(11));
            fetch(`/api/units/${unit}/calls`, {
                method: 'POST',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ complaint: 'Not cooling.' }),
            }).then((r) => r.json()).then((call) => done(call.id));
            JS, [$unit['id']]);
    }

    /** @return Stands */
    private function stands(int $call): array
    {
        /** @var Stands */
        return $this->api("calls/$call");
    }

    private function api(string $path): mixed
    {
        return $this->driver->executeAsyncScript(
            'const [path, done] = arguments; fetch(`/api/${path}`).then((r) => r.json()).then(done);',
            [$path],
        );
    }

    /** Until no process of the server computes any more. */
    private function rest(): void
    {
        $until = microtime(true) + self::REST;
        do {
            $then = self::ticks();
            usleep(400_000);
        } while (self::ticks() - $then > 3 && microtime(true) < $until);
    }

    /** Hundredths of a second that PHP processes of this installation have computed. */
    private static function ticks(): int
    {
        $ticks = 0;
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $command = (string) @file_get_contents(dirname($file).'/cmdline');
            if (str_contains($command, "artisan\0") || str_contains($command, 'server.php')) {
                $fields = explode(' ', (string) preg_replace('/^.*\) /', '', (string) @file_get_contents($file)));
                $ticks += (int) ($fields[11] ?? 0) + (int) ($fields[12] ?? 0);
            }
        }

        return $ticks;
    }

    private function there(string $css): void
    {
        $this->driver->wait(120)->until(WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::cssSelector($css)));
    }

    private function press(string $css): void
    {
        $this->driver->wait(120)->until(WebDriverExpectedCondition::elementToBeClickable(WebDriverBy::cssSelector($css)));
        $this->driver->executeScript('document.querySelector(arguments[0]).click()', [$css]);
    }

    private function pressWords(string $words): void
    {
        $this->driver->executeScript(
            'Array.from(document.querySelectorAll("button")).find((b) => b.innerText.includes(arguments[0]))?.click()',
            [$words],
        );
    }

    private function type(string $css, string $text): void
    {
        $this->there($css);
        $field = $this->driver->findElement(WebDriverBy::cssSelector($css))->clear();
        foreach (mb_str_split($text) as $letter) {
            $field->sendKeys($letter);
            usleep(1000 * $this->pace);
        }
    }

    /**
     * The whole drawing and two more of it below it, as large as three units: how long its frames take while it is scrolled, and zoomed.
     *
     * @return array<string, float|int>
     */
    private function drawing(): array
    {
        $this->press('[data-choice=sheet]');
        $this->there('[aria-label="Whole drawing"] svg');
        $this->rest();
        $frames = fn (string $move): mixed => $this->driver->executeAsyncScript(<<<JS
            const done = arguments[arguments.length - 1];
            const box = document.querySelector('[aria-label="Whole drawing"] .sheet-window');
            const svg = box.querySelector('svg.ladder, svg');
            if (svg.dataset.thrice === undefined) {
                svg.dataset.thrice = '';
                const { width, height } = svg.viewBox.baseVal;
                const one = [...svg.childNodes];
                for (const n of [1, 2]) {
                    const g = document.createElementNS('http://www.w3.org/2000/svg', 'g');
                    g.setAttribute('transform', `translate(0 \${n * height})`);
                    g.append(...one.map((c) => c.cloneNode(true)));
                    svg.append(g);
                }
                svg.setAttribute('viewBox', `0 0 \${width} \${3 * height}`);
                svg.style.height = 'auto';
            }
            const taken = [];
            let last = null;
            let n = 0;
            const move = (n) => { $move };
            const frame = (t) => {
                if (last !== null) taken.push(t - last);
                last = t;
                move(n++);
                n < 180 ? requestAnimationFrame(frame) : done(taken);
            };
            requestAnimationFrame(frame);
            JS);
        /** @var list<float> $moved */
        $moved = $frames('box.scrollTop = 900 + 800 * Math.sin(n / 20); box.scrollLeft = 400 + 400 * Math.cos(n / 20);');
        /** @var list<float> $zoomed */
        $zoomed = $frames(
            "box.dispatchEvent(new WheelEvent('wheel', { ctrlKey: true, cancelable: true, bubbles: true, clientX: 400, clientY: 400, "
                .'deltaY: n % 60 < 30 ? -8 : 8 }));',
        );

        return [
            'drawn_parts' => 3 * count($this->settler->model->circuit->parts),
            ...self::spread('frame_scrolled_ms', $moved),
            'frames_scrolled_in_time' => self::inTime($moved),
            ...self::spread('frame_zoomed_ms', $zoomed),
            'frames_zoomed_in_time' => self::inTime($zoomed),
        ];
    }

    /**
     * Share of frames that came when they should at sixty a second.
     *
     * @param  list<float>  $frames  milliseconds
     */
    private static function inTime(array $frames): float
    {
        return count(array_filter($frames, static fn (float $ms): bool => $ms < 17.5)) / max(1, count($frames));
    }
}
