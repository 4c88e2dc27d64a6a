<?php

use Levin\Core\Record\Rung\Stop;

// What every screen owes a gloved hand and a phone.

it('refuses a wrong password in plain words', function (): void {
    $this->visit('/');
    $this->type('input[name=email]', 'oda@ternsound.example');
    $this->type('input[name=password]', 'guess');
    $this->click('button[type=submit]');
    $this->sees('do not belong together', '[role=alert]');
});

it('opens a call from a unit', function (): void {
    $this->signIn();
    $this->press('Units');
    $this->press('Assembly-hall cooling unit');
    $this->sees('NAMEPLATE');
    $this->sees('FK-31877');
    $this->press('Open the call');
    $this->sees('customer', '[role=alert]');
    $this->type('textarea[name=complaint]', 'Stuffy by ten every morning.');
    $this->press('Open the call');
    $this->sees('Stuffy by ten every morning.', 'h1 + p');
    $this->sees('What do you see?', 'h2');
});

it('turns the print to lamplight and remembers it', function (): void {
    $this->signIn();
    $this->press('Attic');
    $dark = fn (): bool => $this->driver()->executeScript('return getComputedStyle(document.body).backgroundColor') === 'rgb(27, 32, 34)';
    $this->until($dark, 'a dark page');
    $this->visit('/');
    $this->sees('NEXT TODAY');
    $this->until($dark, 'a dark page after coming back');
});

it('has nothing cut off or under 44 px to hit', function (int $width, int $height): void {
    $this->resize($width, $height);
    $this->signIn();
    foreach ([
        '/',
        '/units',
        '/units/1',
        '/bench',
        '/bench/three-leads',
        '/bench/contactor',
        '/shop',
        ...array_map(
            fn (Stop $stop): string => '/calls/'.$this->call('Reading-room cooling unit').'/'.$stop->value,
            Stop::cases(),
        ),
        '/calls/'.$this->call('Oven-room cooling unit', closed: true),
    ] as $path) {
        $this->visit($path);
        $this->find('h1');
        $this->until(fn (): bool => $this->driver()->executeScript('return document.fonts.status') === 'loaded', 'fonts');
        expect($this->driver()->executeScript('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue(
            "$path is wider than the screen",
        );
        expect($this->driver()->executeScript(<<<'JS'
            return [...document.querySelectorAll('body *')].filter((e) => e.offsetParent !== null && !e.closest('svg, .sr-only')
                && !['INPUT', 'TEXTAREA', 'SELECT'].includes(e.tagName) && e.innerText.trim() !== ''
                && ['hidden', 'clip'].includes(getComputedStyle(e).overflowX) && e.scrollWidth > e.clientWidth + 1)
                .map((e) => e.innerText.slice(0, 60));
            JS))->toBe([], "text cut on $path");
        $small = $this->driver()->executeScript(
            "return [...document.querySelectorAll('button, main a, input')].filter(e => e.offsetParent !== null && "
                ."!e.closest('footer') && e.type !== 'checkbox' && e.getBoundingClientRect().height < 44).map(e => "
                    .'e.outerHTML.slice(0, 90))',
        );
        expect($small)->toBe([], "too small on $path");
    }
})->with(['desk' => [1280, 800], 'phone' => [390, 844], 'desk at 200 %' => [640, 400]]);

it('is clean by axe, in both themes', function (): void {
    $this->signIn();
    $call = '/calls/'.$this->call('Reading-room cooling unit').'/';
    $stops = array_map(fn (Stop $stop): string => $call.$stop->value, Stop::cases());
    foreach (['/', '/units', '/units/1', '/bench', '/bench/three-leads', '/bench/refrigerant-side', '/shop', ...$stops] as $path) {
        $this->visit($path);
        $this->find('h1, main input[type=search]');
        $this->isCleanByAxe($path);
    }
});

it('is clean by axe in every pane of a trace, the drawing too, in both themes', function (int $width, int $height): void {
    $this->resize($width, $height);
    $this->signIn();
    $isWide = $width >= 1024;
    $this->visit('/calls/'.$this->call('Reading-room cooling unit').'/trace');
    $this->find('[data-next-title], [data-finding]');
    $this->isCleanByAxe('the test');
    if (! $isWide) {
        $this->press('Drawing');
    }
    foreach ([
        'rung' => '[aria-label=Diagram] svg.ladder',
        'sheet' => "[aria-label='Whole drawing'] svg",
        'wired' => "[aria-label='As wired']",
    ] as $view => $css) {
        $this->click("[data-choice=$view]");
        $this->find($css);
        $this->isCleanByAxe("the drawing, $view");
    }
    $this->tap('[data-part=CC]');
    $this->find('[data-part-view=CC]');
    $this->isCleanByAxe('a part');
    foreach ($isWide ? [] : ['Suspects', 'Log'] as $pane) {
        $this->press($pane);
        $this->isCleanByAxe($pane);
    }
})->with(['desk' => [1280, 800], 'phone' => [390, 844], 'tablet' => [800, 1280]]);

it('shows one pane at a time on a phone', function (): void {
    $this->resize(390, 844);
    $this->signIn();
    $this->visit('/calls/'.$this->call('Reading-room cooling unit').'/trace');
    $this->find('[data-next-title], [data-finding]');
    // the test, and of the drawing only the rung that it is on
    $this->find('[data-strip] svg.ladder');
    expect($this->driver()->executeScript("return document.querySelector('[aria-label=Diagram]')"))->toBeNull();
    $this->press('Drawing');
    $this->find('[aria-label=Diagram] svg.ladder');
    $this->press('Suspects');
    $this->sees('SUSPECTS');
    $this->press('Log');
    $this->find('input[name=note]');
});
