<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Trace;
use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use Illuminate\Console\Command;

/** `php artisan levin:desk`: put up by whoever first asks about a call on its circuit, and gone when nobody asks any longer. */
final class SitAtDesk extends Command
{
    protected $signature = 'levin:desk {revision : of a circuit} {door : where it is asked}';

    protected $description = 'Answer questions about the calls on one circuit; starts by itself';

    protected $hidden = true;

    public function handle(CircuitShelf $shelf): int
    {
        $door = Door::at($this->argument('door'));
        $shelf->keepAtHand($door);
        try {
            $revision = CircuitRevision::query()->findOrFail((int) $this->argument('revision'));
            $shelf->model($revision);
            (new Desk(
                $door,
                $shelf,
                fn (): Trace => $this->laravel->make(Trace::class),
                config()->boolean('levin.ahead'),
            ))->sit();
        } finally {
            $door->close();
        }

        return self::SUCCESS;
    }
}
