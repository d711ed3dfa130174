<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** With the demo turned off nobody goes on in it who has come in before. */
final class DemoGate
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->isDemo() && config('waage.demo') !== true) {
            throw new AuthenticationException();
        }

        return $next($request);
    }
}
