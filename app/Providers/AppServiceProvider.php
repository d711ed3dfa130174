<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Model::preventLazyLoading(! $this->app->environment('production'));
        Model::preventSilentlyDiscardingAttributes(! $this->app->environment('production'));

        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(10)
            ->by(mb_strtolower(is_string($request->input('email')) ? $request->input('email') : '').'|'.$request->ip())
            ->response(fn () => response()->json(['message' => 'Too many tries. Wait a minute and try again.'], 429)));
    }
}
