<?php

declare(strict_types=1);

use Levin\Core\Console\ChecksCommand;
use Levin\Core\Console\Sourced;

it('has a page of checks that is the one the code makes', function (): void {
    $written = (string) file_get_contents(__DIR__.'/../../../docs/checks.md');
    expect(ChecksCommand::page() === $written)->toBeTrue('Run bin/levin checks > docs/checks.md.');
});

it('names the source of a hundred and twenty figures and more', function (): void {
    expect(array_sum(array_map(static fn (Sourced $f): int => count($f->values), Sourced::all())))->toBeGreaterThanOrEqual(120);
});
