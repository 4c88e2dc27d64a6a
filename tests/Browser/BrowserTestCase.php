<?php

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The real application, served on its own port with its own database and the demo data, in real Chromium.
 *
 * One server serves all tests of a run; each test has a browser of its own, so that no late answer of the last one signs it in.
 */
abstract class BrowserTestCase extends TestCase
{
    use GoesTheWay;

    /** By this name WebDriver hands elements on: W3C WebDriver, section 12.2, from memory. */
    private const ELEMENT = 'element-6066-11e4-a52e-4f735466cecf';

    private bool $byThumb = false;

    /** Between two looks at what is waited for, milliseconds: whoever works it out wants the core. */
    private const BEAT = 30;

    /** Seconds that something is waited for. */
    protected int $patience = 20;

    protected static ?Process $server = null;

    protected static ?Process $chromedriver = null;

    protected static ?RemoteWebDriver $driver = null;

    protected static string $base = '';

    private static string $folder = '';

    private static int $driverPort = 0;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        if (self::$server === null) {
            self::start();
            register_shutdown_function(self::stop(...));
        }
    }

    protected function setUp(): void
    {
        parent::setUp();
        $options = (new ChromeOptions)->setBinary('/usr/bin/chromium')->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync',
        ]);
        self::$driver = RemoteWebDriver::create(
            'http://127.0.0.1:'.self::$driverPort,
            DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
            60_000,
            60_000,
        );
        $this->resize(1280, 800);
    }

    protected function tearDown(): void
    {
        self::$driver?->quit();
        self::$driver = null;
        parent::tearDown();
    }

    private static function start(): void
    {
        $root = dirname(__DIR__, 2);
        self::$folder = sys_get_temp_dir().'/levin-browser-'.getmypid();
        mkdir(self::$folder);
        $environment = [
            'APP_ENV' => 'local',
            'APP_DEBUG' => 'false',
            'DB_DATABASE' => self::$folder.'/levin.sqlite',
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            // the tests beside it want the other core
            'LEVIN_AHEAD' => 'false',
            'LEVIN_OUTLOOKS' => $root.'/storage/framework/cache/outlooks',
            'LARAVEL_STORAGE_PATH' => self::$folder.'/storage', 'PHP_CLI_SERVER_WORKERS' => '3', 'BCRYPT_ROUNDS' => '4',
        ];
        foreach (['app', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $folder) {
            mkdir(self::$folder."/storage/$folder", 0777, true);
        }
        touch(self::$folder.'/levin.sqlite');
        (new Process([PHP_BINARY, 'artisan', 'migrate:fresh', '--seed', '--force'], $root, $environment, null, 300))->mustRun();
        $port = self::freePort();
        self::$base = "http://127.0.0.1:$port";
        self::$server = new Process([PHP_BINARY, 'artisan', 'serve', '--no-reload', "--port=$port"], $root, $environment, null, null);
        self::$server->disableOutput(); // nobody reads it, and a full pipe stops the server
        self::$server->start();
        $driverPort = self::freePort();
        self::$chromedriver = new Process(['chromedriver', "--port=$driverPort", '--silent'], null, null, null, null);
        self::$chromedriver->disableOutput();
        self::$chromedriver->start();
        self::untilListening($port);
        self::untilListening($driverPort);
        self::$driverPort = $driverPort;
    }

    private static function stop(): void
    {
        self::$driver?->quit();
        self::$chromedriver?->stop(1);
        self::$server?->stop(1);
        (new Process(['rm', '-rf', self::$folder]))->run();
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    private static function untilListening(int $port): void
    {
        $until = microtime(true) + 20;
        while (($socket = @fsockopen('127.0.0.1', $port, $code, $message, 0.2)) === false) {
            if (microtime(true) > $until) {
                throw new \RuntimeException("Nothing listens on port $port.");
            }
        }
        fclose($socket);
    }

    protected function driver(): RemoteWebDriver
    {
        return self::$driver ?? throw new \LogicException('The browser is not started.');
    }

    /** The browser's cookies are gone, as when a session has ended. */
    protected function forgetSession(): void
    {
        self::$driver?->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => 'Network.clearBrowserCookies', 'params' => (object) []],
        );
    }

    /** Out of reach of any network, as on a roof. */
    protected function offline(bool $offline): void
    {
        self::$driver?->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => 'Network.enable', 'params' => (object) []],
        );
        self::$driver?->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Network.emulateNetworkConditions',
            'params' => ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        ]);
    }

    protected function resize(int $width, int $height): void
    {
        self::$driver?->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);
    }

    protected function visit(string $path): void
    {
        $this->driver()->get(self::$base.$path);
    }

    /**
     * Waits until a condition holds; what it last saw is in the failure.
     *
     * @param  \Closure(): mixed  $condition
     */
    protected function until(\Closure $condition, string $what): mixed
    {
        try {
            $result = $this->driver()->wait($this->patience, self::BEAT)->until(static function () use ($condition): mixed {
                try {
                    $result = $condition();
                } catch (NoSuchElementException|StaleElementReferenceException) {
                    // the page is being drawn anew
                    return null;
                }

                return $result === false || $result === null ? null : [$result];
            });
            $this->addToAssertionCount(1);

            return is_array($result) ? $result[0] : null;
        } catch (TimeoutException) {
            // said below, with what the page shows
        }
        $this->fail("Waited in vain for: $what. In its fields: {$this->fields()}. The page says:\n".$this->text('body'));
    }

    /** What stands in the fields of the page, where the focus is, and which keys cannot be pressed: for a test that failed. */
    private function fields(): string
    {
        return (string) $this->driver()->executeScript(<<<'JS'
            const fields = [...document.querySelectorAll('input, textarea, select')].map((f) => `${f.name}=${f.value}`);
            const shut = [...document.querySelectorAll('button:disabled')].map((b) => b.innerText || b.ariaLabel);
            const at = document.activeElement;
            const asked = performance.getEntriesByType('resource').filter((r) => r.name.includes('/api/')).slice(-6)
                .map((r) => `${r.name.split('/api/')[1]} at ${Math.round(r.startTime)} for ${Math.round(r.duration)} ms`);
            return `${fields.join(' ')}; asked: ${asked.join(', ')}; now ${Math.round(performance.now())} ms; `
                + `focus on ${at?.tagName} ${at?.name ?? ''} ${at?.innerText?.slice(0, 30)}; disabled: ${shut.join(', ')}`;
            JS);
    }

    protected function find(string $css): RemoteWebElement
    {
        return $this->until(function () use ($css): ?RemoteWebElement {
            $element = $this->driver()->findElement(WebDriverBy::cssSelector($css));

            return $element->isDisplayed() ? $element : null;
        }, $css);
    }

    protected function text(string $css): string
    {
        return (string) $this->driver()->executeScript('return document.querySelector(arguments[0])?.innerText ?? ""', [$css]);
    }

    protected function sees(string $text, string $css = 'body'): void
    {
        $this->until(fn (): bool => str_contains($this->text($css), $text), "\"$text\" in $css");
    }

    protected function press(string $label): void
    {
        $this->until(function () use ($label): bool {
            $found = $this->driver()->executeScript(<<<'JS'
                return [...document.querySelectorAll('button, a')].find((b) => b.checkVisibility({ visibilityProperty: true })
                    && b.disabled !== true && b.innerText.includes(arguments[0])) ?? null;
                JS, [$label]);
            $id = is_array($found) ? $found[self::ELEMENT] ?? null : null;
            if (is_string($id)) {
                $this->hit(new RemoteWebElement(new RemoteExecuteMethod($this->driver()), $id, isW3cCompliant: true));
            }

            return is_string($id);
        }, "the button \"$label\"");
    }

    protected function click(string $css): void
    {
        // what is shut while something is on its way opens again
        $this->until(function () use ($css): bool {
            $element = $this->find($css);
            if ($element->isEnabled()) {
                $this->hit($element);

                return true;
            }

            return false;
        }, "$css, open");
    }

    /** A phone in the hand: its size, and a thumb for a pointer from now on. */
    protected function onPhone(): void
    {
        $this->byThumb = true;
        foreach ([
            'Emulation.setDeviceMetricsOverride' => ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 2, 'mobile' => true],
            'Emulation.setTouchEmulationEnabled' => ['enabled' => true],
        ] as $cmd => $params) {
            self::$driver?->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $cmd, 'params' => $params]);
        }
    }

    protected function hit(RemoteWebElement $element): void
    {
        $this->driver()->executeScript('arguments[0].scrollIntoView({block: "center", inline: "center"})', [$element]);
        if (! $this->byThumb) {
            $element->click();

            return;
        }
        $this->thumb(0, 0, [self::ELEMENT => $element->getID()]);
    }

    /** A tap half way along a wire of the whole drawing, where nothing else is. */
    protected function touchWire(string $wire): void
    {
        $this->showSheet();
        $this->touchWireHere($wire);
    }

    /** The same on a whole drawing that is in sight. */
    protected function touchWireHere(string $wire): void
    {
        [$x, $y] = $this->driver()->executeScript(<<<'JS'
            const path = document.querySelector(`[aria-label="Whole drawing"] [data-wire="${arguments[0]}"] .reach`);
            path.scrollIntoView({ block: 'center', inline: 'center' });
            const at = path.getPointAtLength(path.getTotalLength() / 2).matrixTransform(path.getScreenCTM());
            return [Math.round(at.x), Math.round(at.y)];
            JS, [$wire]);
        $this->thumb($x, $y, 'viewport');
    }

    /** @param  'viewport'|array<string, string>  $origin */
    private function thumb(int $x, int $y, string|array $origin): void
    {
        $at = ['type' => 'pointerMove', 'duration' => 0, 'x' => $x, 'y' => $y, 'origin' => $origin];
        $this->driver()->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
            'type' => 'pointer',
            'id' => 'thumb',
            'parameters' => ['pointerType' => 'touch'],
            'actions' => [$at, ['type' => 'pointerDown', 'button' => 0], ['type' => 'pointerUp', 'button' => 0]],
        ]]]);
    }

    /** A real tap on a point, a part or a wire of the whole drawing. */
    protected function tap(string $css): void
    {
        $this->showSheet();
        $this->hit($this->find("[aria-label='Whole drawing'] $css"));
    }

    private function showSheet(): void
    {
        $panes = WebDriverBy::cssSelector('nav[aria-label=Panes]');
        $this->until(fn (): bool => $this->driver()->findElements($panes) !== [], 'the call to be open at its test');
        if ($this->driver()->findElements(WebDriverBy::cssSelector('[data-choice=sheet]')) === []) {
            $this->press('Drawing');
        }
        if ($this->find('[data-choice=sheet]')->getAttribute('aria-pressed') !== 'true') {
            $this->click('[data-choice=sheet]');
        }
    }

    /** Nothing of what is shown is against the rules that axe-core has, in either theme. */
    protected function isCleanByAxe(string $what): void
    {
        $this->driver()->executeScript((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        foreach (['sun', 'attic'] as $theme) {
            $this->driver()->executeScript('document.documentElement.dataset.theme = arguments[0]', [$theme]);
            $wrong = $this->driver()->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                const said = (v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`;
                axe.run().then((r) => done(r.violations.map(said)));
                JS);
            expect($wrong)->toBe([], "$what by $theme");
        }
    }

    /** What is typed is kept. */
    protected function keep(): void
    {
        $this->click('form[aria-label=Meter] [data-keep]');
    }

    protected function type(string $css, string $text): void
    {
        $this->find($css)->clear()->sendKeys($text);
    }

    protected function choose(string $css, string $value): void
    {
        (new WebDriverSelect($this->find($css)))->selectByValue($value);
    }

    protected function signIn(string $who = 'oda'): void
    {
        $this->visit('/');
        $this->type('input[name=email]', "$who@ternsound.example");
        $this->type('input[name=password]', 'tern-sound');
        $this->click('button[type=submit]');
        $this->sees('NEXT TODAY');
    }

    /** @return array<mixed> what the JSON API answers to the signed-in browser */
    protected function api(string $path): array
    {
        /** @var array<mixed> */
        return $this->driver()->executeScript(
            'return fetch("/api/" + arguments[0], {headers: {Accept: "application/json"}}).then(r => r.json())',
            [$path],
        );
    }

    /** The id of a fresh call of whoever is signed in, so that no test depends on what another left. */
    protected function freshCall(string $unit = 'Assembly-hall cooling unit'): int
    {
        $id = $this->api('units?search='.rawurlencode($unit))['items'][0]['id'];
        $this->visit("/units/$id");
        $this->type('textarea[name=complaint]', 'Not cooling.');
        $this->press('Open the call');

        $call = (int) $this->until(function (): ?string {
            $path = (string) parse_url($this->driver()->getCurrentURL(), PHP_URL_PATH);

            return preg_match('#^/calls/(\d+)/arrive$#', $path, $m) === 1 ? $m[1] : null;
        }, 'the new call');
        $this->visit("/calls/$call/trace");

        return $call;
    }

    /** The id of the call at a unit: the one still to be closed, or a closed one. */
    protected function call(string $unit, bool $closed = false): int
    {
        foreach ($this->api('calls?per_page=100')['items'] as $call) {
            if ($call['unit']['name'] === $unit && ($call['stage'] === 'closed') === $closed) {
                return $call['id'];
            }
        }
        $this->fail("There is no such call at $unit in the demo data.");
    }
}
