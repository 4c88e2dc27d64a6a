<?php

declare(strict_types=1);

namespace App\Providers;

use App\Api\WriteDescription;
use App\Calls\Call;
use App\Calls\CallPolicy;
use App\Calls\Trace;
use App\Calls\Traces;
use App\Circuits\Ahead;
use App\Circuits\CircuitPolicy;
use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use App\Circuits\TakeInCircuits;
use App\Circuits\WorkOut;
use App\Database\ImmediateConnection;
use App\Desk\Desks;
use App\Desk\SitAtDesk;
use App\Drafts\CircuitDraft;
use App\Drafts\DraftPolicy;
use App\Photos\PhotoShelf;
use App\Shop\ShopHabit;
use App\Shop\ShopHabitPolicy;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    #[\Override]
    public function register(): void
    {
        $this->app->singleton(
            CircuitShelf::class,
            fn (): CircuitShelf => new CircuitShelf(Cache::store('outlooks'), config()->string('levin.build')),
        );
        $this->app->bind(Traces::class, fn (): Desks => new Desks(
            $this->app->make(Trace::class),
            config()->boolean('levin.desks') ? storage_path('framework/desks') : null,
            config()->string('levin.build'),
        ));
        $this->app->singleton(Ahead::class, fn (): Ahead => new Ahead(config()->boolean('levin.ahead')));
        $this->app->singleton(PhotoShelf::class, fn (): PhotoShelf => new PhotoShelf(storage_path('app/photos')));
        Connection::resolverFor('sqlite', fn (
            \PDO|\Closure $pdo,
            string $database,
            string $prefix,
            array $config,
        ): ImmediateConnection => new ImmediateConnection($pdo, $database, $prefix, $config));
    }

    public function boot(): void
    {
        Model::preventLazyLoading(! $this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes(! $this->app->isProduction());
        Gate::policy(Call::class, CallPolicy::class);
        Gate::policy(CircuitDraft::class, DraftPolicy::class);
        Gate::policy(CircuitRevision::class, CircuitPolicy::class);
        Gate::policy(ShopHabit::class, ShopHabitPolicy::class);
        $this->commands([SitAtDesk::class, TakeInCircuits::class, WorkOut::class, WriteDescription::class]);
    }
}
