<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Console\Command;

/** `php artisan levin:circuits`: takes the shipped circuit files in, as first or newer revisions. */
final class TakeInCircuits extends Command
{
    protected $signature = 'levin:circuits';

    protected $description = 'Take in the circuit files that ship with Levin; those that are here already stay as they are';

    public function handle(Revisions $revisions): int
    {
        $failed = $revisions->addShipped(config()->string('levin.circuits'));
        foreach ($failed as $problem) {
            $this->error($problem->getMessage());
        }
        $this->info(Circuit::query()->count().' circuits, '.CircuitRevision::query()->count().' revisions.');

        return $failed === [] ? self::SUCCESS : self::FAILURE;
    }
}
