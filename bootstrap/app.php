<?php

use App\Exceptions\Answers;
use App\Http\Middleware\DemoGate;
use App\Http\Middleware\Heavy;
use App\Http\Middleware\ReadableBody;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(SecurityHeaders::class);
        // What an engineer types is kept as it was typed.
        $middleware->convertEmptyStringsToNull(except: [fn (): bool => true]);
        $middleware->trimStrings(except: [fn (): bool => true]);
        $middleware->redirectGuestsTo('/');
        $middleware->alias(['readable' => ReadableBody::class, 'demo' => DemoGate::class, 'heavy' => Heavy::class]);
    })
    ->withExceptions(Answers::register(...))->create();
