<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Waage\Design\KeptCurves;

final class AppServiceProvider extends ServiceProvider
{
    /** Another number where the strips are worked out in another way. */
    private const CURVES = 'curve 1 ';

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Model::preventLazyLoading(! $this->app->environment('production'));
        Model::preventSilentlyDiscardingAttributes(! $this->app->environment('production'));

        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(10)
            ->by(mb_strtolower(is_string($request->input('email')) ? $request->input('email') : '').'|'.$request->ip())
            ->response(fn () => response()->json(['message' => 'Too many tries. Wait a minute and try again.'], 429)));

        $this->keepCurves();
    }

    /** Buckling curves are kept by section in PHP's shared memory: an edit of loads asks for the same ones again. */
    private function keepCurves(): void
    {
        if (! function_exists('apcu_enabled') || ! apcu_enabled()) {
            return;
        }
        KeptCurves::in(
            fn (string $key): mixed => apcu_fetch(self::CURVES.$key),
            function (string $key, array $curve): void {
                apcu_store(self::CURVES.$key, $curve, 86400);
            },
        );
    }
}
