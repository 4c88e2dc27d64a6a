<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Imports;

/** What each folder of the core may import, itself and the common exception left out. docs/architecture.md says why. */
const MAY_IMPORT = [
    'Circuit' => [],
    'Network' => [],
    'Units' => [],
    'Parts' => ['Circuit', 'Network'],
    'File' => ['Circuit', 'Parts'],
    'Operation' => ['Circuit', 'Network', 'Parts'],
    'Meter' => ['Circuit', 'Network', 'Operation', 'Parts', 'Units'],
    'Checks' => ['Circuit', 'Meter', 'Network', 'Operation', 'Parts', 'Units'],
    'Drafting' => ['Checks', 'Circuit', 'File', 'Operation', 'Parts'],
    'Diagnosis' => ['Checks', 'Circuit', 'Meter', 'Network', 'Operation', 'Parts'],
    'Record' => ['Checks', 'Circuit', 'Diagnosis', 'Meter', 'Operation', 'Parts', 'Units'],
    'Work' => ['Checks', 'Circuit', 'Diagnosis', 'Meter', 'Operation', 'Parts'],
    'Trial' => ['Circuit', 'Diagnosis', 'Meter', 'Operation', 'Parts'],
    'Ladder' => ['Circuit', 'Network', 'Operation', 'Parts'],
    'Interchange' => ['Circuit', 'File', 'Operation', 'Parts'],
    'Console' => [
        'Checks', 'Circuit', 'Diagnosis', 'Drafting', 'File', 'Interchange', 'Ladder', 'Meter', 'Network', 'Operation', 'Parts', 'Record',
        'Trial', 'Units', 'Work',
    ],
];

/** Folders of the core that have their place and no class yet. */
const CORE_TO_COME = [];

/** Below Parts: the families of kinds stand on the theory of machines and of sequencing, and on no other family unless named here. */
const PARTS_MAY_IMPORT = [
    'Parts' => [],
    'Parts\Drifts' => ['Parts'],
    'Parts\Machines' => ['Parts', 'Parts\Drifts'],
    'Parts\Sequencing' => ['Parts'],
    'Parts\Connections' => ['Parts'],
    'Parts\Electronics' => ['Parts', 'Parts\Sequencing'],
    'Parts\Heaters' => ['Parts', 'Parts\Machines'],
    'Parts\Motors' => ['Parts', 'Parts\Drifts', 'Parts\Machines'],
    'Parts\Protection' => ['Parts', 'Parts\Drifts', 'Parts\Machines', 'Parts\Switches'],
    'Parts\Relays' => ['Parts', 'Parts\Drifts', 'Parts\Machines'],
    'Parts\Sensors' => ['Parts'],
    'Parts\Supplies' => ['Parts', 'Parts\Drifts', 'Parts\Machines'],
    'Parts\Switches' => ['Parts'],
    'Parts\Valves' => ['Parts', 'Parts\Drifts'],
];

/** What each folder of the application may import; the core is below all of them. */
const APP_MAY_IMPORT = [
    'Api' => [],
    'Database' => [],
    'Http' => [],
    'Shop' => ['Api', 'Database'],
    'Circuits' => ['Api', 'Database', 'Shop'],
    'Units' => ['Api', 'Circuits', 'Database'],
    'Drafts' => ['Api', 'Circuits', 'Database', 'Shop', 'Units'],
    'Calls' => ['Api', 'Circuits', 'Database', 'Photos', 'Shop', 'Units'],
    'Photos' => ['Api'],
    'Print' => ['Api', 'Calls', 'Circuits', 'Photos', 'Shop'],
    'Find' => ['Api', 'Calls', 'Units'],
    'Bench' => ['Api', 'Calls', 'Circuits', 'Database', 'Shop', 'Units'],
    'Desk' => ['Calls', 'Circuits', 'Shop'],
    'Drills' => ['Api', 'Circuits', 'Database', 'Shop'],
    'Office' => ['Api', 'Calls', 'Circuits', 'Database', 'Shop', 'Units'],
    'Providers' => ['Api', 'Bench', 'Calls', 'Circuits', 'Database', 'Desk', 'Drafts', 'Drills', 'Office', 'Photos', 'Shop'],
];

/** The same for the application. */
const APP_TO_COME = ['Drills', 'Office'];

function core(): Imports
{
    static $imports = null;

    return $imports ??= Imports::under(['Levin\Core' => __DIR__.'/../src']);
}

/** @return list<string> lines of every source file */
function sources(string ...$folders): array
{
    $files = [];
    foreach ($folders as $folder) {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__."/../../$folder", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            if ($file instanceof SplFileInfo && in_array($file->getExtension(), ['php', 'ts', 'tsx', 'css', ''], true)) {
                $files[] = $file->getPathname();
            }
        }
    }

    return $files;
}

it('imports one way between the folders of the core', function (): void {
    $folder = fn (string $class): string => explode('\\', $class)[2];
    $found = core()->between(fn (string $class): string => substr_count($class, '\\') === 2 ? '' : $folder($class));
    unset($found['']);
    expect(array_keys($found))->toEqualCanonicalizing(array_diff(array_keys(MAY_IMPORT), CORE_TO_COME));
    foreach ($found as $from => $imports) {
        expect(implode("\n", array_diff_key($imports, array_flip([...MAY_IMPORT[$from], '']))))->toBe('');
    }
});

it('imports one way below Parts', function (): void {
    $found = core()->between(function (string $class): string {
        $names = array_slice(explode('\\', $class), 2, -1);

        return ($names[0] ?? '') === 'Parts' ? implode('\\', $names) : '';
    });
    unset($found['']);
    expect(array_keys($found))->toEqualCanonicalizing(array_keys(PARTS_MAY_IMPORT));
    foreach ($found as $from => $imports) {
        expect(implode("\n", array_diff_key($imports, array_flip([...PARTS_MAY_IMPORT[$from], '']))))->toBe('');
    }
});

it('has no circle, neither of folders nor of classes, in what these rules allow or in what the core does', function (): void {
    expect(Imports::inCircles(MAY_IMPORT))->toBe([])
        ->and(Imports::inCircles(PARTS_MAY_IMPORT))->toBe([])
        ->and(Imports::inCircles(APP_MAY_IMPORT))->toBe([])
        ->and(Imports::inCircles(core()->of))->toBe([])
        ->and(Imports::inCircles(Imports::under(['App' => __DIR__.'/../../app'])->of))->toBe([]);
});

it('imports one way in the application', function (): void {
    $found = Imports::under(['App' => __DIR__.'/../../app'])->between(fn (string $class): string => explode('\\', $class)[1]);
    expect(array_keys($found))->toEqualCanonicalizing(array_diff(array_keys(APP_MAY_IMPORT), APP_TO_COME));
    foreach ($found as $from => $imports) {
        expect(implode("\n", array_diff_key($imports, array_flip(APP_MAY_IMPORT[$from]))))->toBe('');
    }
});

it('finds circles where there are some', function (): void {
    expect(Imports::inCircles(['a' => ['b'], 'b' => ['c'], 'c' => ['b'], 'd' => ['a']]))->toEqualCanonicalizing(['b', 'c'])
        ->and(Imports::inCircles(['a' => ['b'], 'b' => []]))->toBe([]);
});

it('knows no framework, database, clock or chance in the core', function (): void {
    $names = implode('|', [
        'Illuminate',
        'Eloquent',
        'PDO',
        'Carbon',
        'time\(\)',
        'microtime',
        'date\(',
        'mt_rand',
        'random_int',
        'rand\(',
        "new \\\\DateTimeImmutable\(\)",
    ]);
    foreach (sources('core/src') as $file) {
        expect(preg_match("/(?<![\\w>:])(?<!function )($names)/", (string) file_get_contents($file)))->toBe(0, $file);
    }
});

it('throws no bare DomainException: each failure is a class of its own, under the one base of its folder', function (): void {
    foreach (sources('core/src', 'app') as $file) {
        $text = (string) file_get_contents($file);
        expect(preg_match('/throw new \\\\?(DomainException|RuntimeException|InvalidArgumentException)\b/', $text))->toBe(0, $file);
    }
    foreach (array_keys(core()->of) as $class) {
        if (is_subclass_of($class, Levin\Core\LevinException::class)) {
            $folder = explode('\\', $class)[2];
            expect(is_a($class, "Levin\\Core\\$folder\\{$folder}Exception", true))->toBeTrue($class);
        }
    }
});

it('marks what overrides', function (): void {
    foreach (array_keys(core()->of) as $name) {
        $class = new ReflectionClass($name);
        foreach ($class->getMethods() as $method) {
            if ($method->class !== $name || $method->getFileName() !== $class->getFileName() || $method->isConstructor()
                || $method->isPrivate()) {
                continue;
            }
            $above = [
                ...($class->getParentClass() === false ? [] : [$class->getParentClass()]),
                ...($class->isEnum() ? [] : $class->getInterfaces()),
            ];
            $overrides = array_filter(
                $above,
                fn (ReflectionClass $c): bool => $c->hasMethod($method->name) && ! $c->getMethod($method->name)->isPrivate(),
            );
            expect($overrides !== [] && $method->getAttributes(Override::class) === [])->toBeFalse(
                "$name::$method->name lacks #[Override]",
            );
        }
    }
});

it('has no line over 140 characters in its code', function (): void {
    $long = [];
    foreach (sources(
        'core',
        'app',
        'bin',
        'bootstrap',
        'config',
        'database',
        'routes',
        'tests',
        'resources/js',
        'resources/css',
    ) as $file) {
        foreach (preg_match('#/bootstrap/cache/|\.sqlite|/api/shapes\.ts$#', $file) === 1 ? [] : (file($file) ?: []) as $n => $line) {
            if (mb_strlen(rtrim($line, "\n")) > 140) {
                $long[] = "$file:".($n + 1);
            }
        }
    }
    expect(implode("\n", $long))->toBe('');
});

arch('strict types everywhere in the core')
    ->expect('Levin\Core')
    ->toUseStrictTypes();
