<?php

namespace App\Providers;

use App\Circuits\CircuitShelf;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(CircuitShelf::class, fn (): CircuitShelf => new CircuitShelf(config()->string('levin.circuits')));
    }

    public function boot(): void
    {
        Model::preventLazyLoading(! $this->app->isProduction());
        JsonResource::withoutWrapping();
    }
}
