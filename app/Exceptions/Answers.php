<?php

declare(strict_types=1);

namespace App\Exceptions;

use ErrorException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;
use Waage\Member\InvalidMember;

/** What the page is told where something cannot be done: a sentence, and the fields that are wrong. */
final class Answers
{
    /** Errors of a database that is away or has no room: no connection, being stopped, locks, a full disk. */
    private const AWAY = [
        3,
        28,
        1021,
        1030,
        1040,
        1053,
        1114,
        1129,
        1205,
        1213,
        1290,
        1927,
        2002,
        2003,
        2006,
        2013,
        2055,
    ];

    /** What a save has kept although its answer did not come about. */
    public const KEPT = 'kept';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(self::isAsked(...));
        $exceptions->dontReport([InvalidMember::class, StaleRevision::class]);
        $exceptions->render(self::ofMember(...));
        $exceptions->render(
            fn (StaleRevision $e): JsonResponse => self::say(409, $e->getMessage(), ['current' => $e->current]),
        );
        $exceptions->render(
            fn (AuthenticationException $e, Request $request): ?JsonResponse => self::isAsked($request)
                ? self::say(401, 'You are signed out. Sign in again; what you typed is kept in this window.')
                : null,
        );
        $exceptions->render(self::ofDatabase(...));
        $exceptions->render(self::ofDisk(...));
        $exceptions->render(self::ofFatal(...));
        $exceptions->render(self::ofHttp(...));
        $exceptions->respond(self::inWords(...));
    }

    private static function isAsked(Request $request): bool
    {
        return $request->is('api/*');
    }

    private static function ofMember(InvalidMember $e): JsonResponse
    {
        $errors = [];
        foreach ($e->errors as $error) {
            $errors[$error->path][] = $error->message;
        }

        return self::say(422, $e->getMessage(), ['errors' => $errors]);
    }

    private static function ofDatabase(PDOException $e, Request $request): ?Response
    {
        return in_array((int) ($e->errorInfo[1] ?? $e->getCode()), self::AWAY, true)
            ? self::later($request, 'The database does not answer just now; this is tried again.')
            : null;
    }

    private static function ofDisk(ErrorException $e, Request $request): ?Response
    {
        return str_contains($e->getMessage(), 'No space left on device')
            ? self::later($request, 'The disk of the server is full; this is tried again.')
            : null;
    }

    private static function later(Request $request, string $says): Response
    {
        $answer = self::isAsked($request) ? self::say(503, $says) : new Response($says, 503);
        $answer->headers->set('Retry-After', '5');

        return $answer;
    }

    private static function ofFatal(FatalError $e, Request $request): ?JsonResponse
    {
        if (preg_match('/Allowed memory|Maximum execution time/', $e->getMessage()) !== 1) {
            return null;
        }
        // What was saved before the weighing gave out is saved, and is said to be.
        /** @var JsonResponse|null $kept */
        $kept = $request->attributes->get(self::KEPT);
        $says =
            'This takes more time or memory than one question may. Make it smaller: fewer spans, loads or combinations.';

        return self::isAsked($request) ? $kept ?? self::say(422, $says) : null;
    }

    private static function ofHttp(HttpException $e, Request $request): ?JsonResponse
    {
        if (! self::isAsked($request) || $e->getStatusCode() !== 404) {
            return null;
        }

        return self::say(
            404,
            $e->getPrevious() === null
                ? 'There is nothing at this address.'
                : 'This no longer exists; it may have been deleted in another window.',
        );
    }

    private static function inWords(Response $response, Throwable $e, Request $request): Response
    {
        $says = 'Waage could not answer this: a fault of its own, which is written down. What you typed is kept.';

        return $response->getStatusCode() === 500 && self::isAsked($request) ? self::say(500, $says) : $response;
    }

    /** @param  array<string, mixed>  $more */
    private static function say(int $status, string $message, array $more = []): JsonResponse
    {
        return new JsonResponse(['message' => $message, ...$more], $status);
    }
}
