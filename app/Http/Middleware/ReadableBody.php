<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A body that cannot be read is refused with the reason, before anything takes what is left of it for the whole. */
final class ReadableBody
{
    /** Levels of lists and objects in one another; a member file has about ten. */
    private const DEEPEST = 64;

    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        $why = $body === '' ? '' : $this->why($request, $body);

        return $why === '' ? $next($request) : new JsonResponse(['message' => $why], 422);
    }

    private function why(Request $request, string $body): string
    {
        if (! $request->isJson()) {
            return 'This is not JSON. Send the body as application/json.';
        }
        if (! mb_check_encoding($body, 'UTF-8')) {
            return 'The text is not UTF-8, and so cannot be read.';
        }
        json_decode($body, true, self::DEEPEST);

        return match (json_last_error()) {
            JSON_ERROR_NONE => '',
            JSON_ERROR_DEPTH => 'This is not a Waage member file: it is nested too deeply.',
            JSON_ERROR_UTF8, JSON_ERROR_UTF16 => 'The text is not UTF-8, and so cannot be read.',
            default => 'This is not JSON: '.mb_strtolower(json_last_error_msg()).'.',
        };
    }
}
