<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says to the browser what the page may do: its own scripts only, in no frame of another page. */
final class SecurityHeaders
{
    /** Styles may stand in the page: drawings set sizes and places of their own. */
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self' data:; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $headers = $response->headers;
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), geolocation=(), microphone=()');
        $isPdf = $headers->get('Content-Type') === 'application/pdf';
        // The browser's own viewer of PDF brings styles and scripts of its own.
        $headers->set('Content-Security-Policy', $isPdf ? "frame-ancestors 'none'" : self::POLICY);
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $headers->remove('X-Powered-By');

        return $response;
    }
}
