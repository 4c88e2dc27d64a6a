<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Levin\Core\Diagnosis\Investigation;

/** `php artisan levin:work-out`: what suspects go through in each circuit, so that the first call on it need not wait for that. */
final class WorkOut extends Command
{
    protected $signature = 'levin:work-out {revision? : id of one; without it all}';

    protected $description = 'Work out what the suspects of every current circuit go through, for calls to open at once; takes minutes';

    public function handle(CircuitShelf $shelf): int
    {
        // the small ones first: most calls are theirs
        $one = $this->argument('revision');
        $asked = CircuitRevision::query()->when(is_string($one), static fn (Builder $q) => $q->whereKey($one));
        $revisions = $asked->get()->sortBy(static fn (CircuitRevision $r): int => strlen($r->text));
        foreach ($revisions as $revision) {
            try {
                $shelf->alone($revision, static fn (Investigation $i) => $i->prepare());
                $this->info("$revision->circuit_id, revision $revision->number");
            } catch (UnreadableRevision $e) {
                $this->error($e->getMessage());
            }
        }

        return self::SUCCESS;
    }
}
