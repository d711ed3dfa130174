<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\People;
use App\Models\User;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
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

        $this->limitRequests();
        $proxies = config('waage.proxies');
        if (is_string($proxies) && $proxies !== '') {
            TrustProxies::at(array_map(trim(...), explode(',', $proxies)));
        }
        $this->keepCurves();
    }

    private function limitRequests(): void
    {
        $tooMany = fn () => response()->json(['message' => 'Too many tries. Wait a minute and try again.'], 429);
        // By account, however its address is typed, and by where one comes from: neither many passwords for one account
        // nor one password for many.
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(10)
                    ->by(
                        'account '.
                            (People::address($request->input('email')) ?: $request->user()?->getAuthIdentifier()),
                    )
                    ->response($tooMany),
                Limit::perMinute(40)
                    ->by('place '.$request->ip())
                    ->response($tooMany),
            ],
        );
        RateLimiter::for('demo', fn (Request $request): Limit => Limit::perMinute(30)->by('demo '.$request->ip()));
        // All visitors of the demo are one account: together they take half of a small machine at most.
        RateLimiter::for('api', function (Request $request): Limit {
            $user = $request->user();

            return $user instanceof User && $user->isDemo()
                ? Limit::perMinute(1500)->by('demo')
                : Limit::perMinute(3000)->by('user '.$user?->getAuthIdentifier());
        });
    }

    /** Buckling curves are kept by section in PHP's shared memory: an edit of loads asks for the same ones again. */
    private function keepCurves(): void
    {
        if (! function_exists('apcu_enabled') || ! apcu_enabled()) {
            return;
        }
        KeptCurves::in(fn (string $key): mixed => apcu_fetch(self::CURVES.$key), function (
            string $key,
            array $curve,
        ): void {
            apcu_store(self::CURVES.$key, $curve, 86400);
        });
    }
}
