<?php

use App\Exceptions\StaleRevision;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Waage\Member\InvalidMember;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // What an engineer types is kept as it was typed.
        $middleware->convertEmptyStringsToNull(except: [fn (): bool => true]);
        $middleware->trimStrings(except: [fn (): bool => true]);
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->dontReport([InvalidMember::class, StaleRevision::class]);

        $exceptions->render(function (InvalidMember $e): JsonResponse {
            $errors = [];
            foreach ($e->errors as $error) {
                $errors[$error->path][] = $error->message;
            }

            return new JsonResponse(['message' => $e->getMessage(), 'errors' => $errors], 422);
        });
        $exceptions->render(fn (StaleRevision $e): JsonResponse => new JsonResponse(['message' => $e->getMessage(), 'current' => $e->current], 409));
        $exceptions->render(function (NotFoundHttpException $e, Request $request): ?JsonResponse {
            if (! $request->is('api/*')) {
                return null;
            }
            $message = $e->getPrevious() instanceof ModelNotFoundException
                ? 'This no longer exists; it may have been deleted in another window.'
                : 'There is nothing at this address.';

            return new JsonResponse(['message' => $message], 404);
        });
        $exceptions->render(fn (AccessDeniedHttpException $e, Request $request): ?JsonResponse => $request->is('api/*') && $e->getPrevious() instanceof AuthorizationException
            ? new JsonResponse(['message' => 'This belongs to another office.'], 403)
            : null);
        $exceptions->render(fn (AuthenticationException $e, Request $request): ?JsonResponse => $request->is('api/*')
            ? new JsonResponse(['message' => 'You are signed out. Sign in again; what you typed is kept in this window.'], 401)
            : null);
    })->create();
