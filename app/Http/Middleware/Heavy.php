<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;
use Waage\Design\NotWanted;
use Waage\Design\Wanted;

/**
 * Long questions: two at a time of a person, a newer one in place of an older one of its kind, and all of them behind
 * what is answered at every keystroke (a pool of workers of their own, etc/php-fpm.conf).
 */
final class Heavy
{
    private const AT_A_TIME = 2;

    /** Longer than any may take (etc/php-fpm.conf), s. */
    private const LONGEST = 150;

    /** How long one waits for its turn, s. */
    private const PATIENCE = 4.0;

    /** How often it is looked whether a newer one has come, s. */
    private const LOOK = 0.25;

    public function handle(Request $request, Closure $next): Response
    {
        // The worker stays so; it does nothing else. No more than the lowest rank can come of saying it again.
        if (PHP_SAPI === 'fpm-fcgi') {
            @proc_nice(19);
        }
        $person = (string) $request->user()?->getAuthIdentifier();
        // Of a sheet that of its member: those of two members do not take the place of one another.
        $newest = "heavy {$person} {$request->path()}";
        $mine = bin2hex(random_bytes(8));
        Cache::put($newest, $mine, self::LONGEST);
        $looked = microtime(true);
        $isWanted = function () use ($newest, $mine, &$looked): bool {
            if (microtime(true) - $looked < self::LOOK) {
                return true;
            }
            $looked = microtime(true);

            return Cache::get($newest) === $mine;
        };
        $turn = $this->turn($person, $isWanted);
        if ($turn === null) {
            return new JsonResponse(
                ['message' => 'Two long questions of yours are being answered; this one waits for them.'],
                429,
                ['Retry-After' => '2'],
            );
        }
        // Also where the computation ends with the process.
        register_shutdown_function(fn () => $turn->release());
        Wanted::askOf($isWanted);
        try {
            return $next($request);
        } catch (NotWanted $e) {
            return new JsonResponse(['message' => $e->getMessage()], 409);
        } finally {
            Wanted::askOf(null);
            $turn->release();
        }
    }

    /** @param  Closure(): bool  $isWanted */
    private function turn(string $person, Closure $isWanted): ?Lock
    {
        $since = microtime(true);
        while (true) {
            for ($i = 0; $i < self::AT_A_TIME; $i++) {
                $lock = Cache::lock("heavy {$person} {$i}", self::LONGEST);
                if ($lock->get()) {
                    return $lock;
                }
            }
            if (microtime(true) - $since > self::PATIENCE || ! $isWanted()) {
                return null;
            }
            usleep(100_000);
        }
    }
}
