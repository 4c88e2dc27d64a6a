<?php

namespace App\Providers;

use App\Circuits\CircuitShelf;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;

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
        // five tries a minute for one address and name
        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(5)->by(Str::lower($request->string('email')->toString()).'|'.$request->ip()));
    }
}
