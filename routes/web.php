<?php

declare(strict_types=1);

use App\Http\Controllers\BuildUpController;
use App\Http\Controllers\DesignController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\RatesController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\ToolController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:30,1');
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::middleware(['auth', 'throttle:3000,1'])->group(function (): void {
        Route::post('design', [DesignController::class, 'design']);
        Route::post('influence', [DesignController::class, 'influence']);
        Route::post('parts', [DesignController::class, 'parts']);
        Route::get('materials', [DesignController::class, 'materials']);
        Route::post('collapse', [DesignController::class, 'collapse']);
        Route::post('shortlist', [DesignController::class, 'shortlist']);
        Route::post('reserve', [DesignController::class, 'reserve']);

        Route::get('rates', [RatesController::class, 'show']);
        Route::patch('rates', [RatesController::class, 'update']);
        Route::patch('rates/favourite', [RatesController::class, 'favourite']);
        Route::get('tools', [ToolController::class, 'index']);
        Route::post('tools', [ToolController::class, 'answer']);
        Route::get('starts', [StartController::class, 'index']);
        Route::put('starts', [StartController::class, 'update']);
        Route::delete('starts', [StartController::class, 'destroy']);
        Route::get('build-ups', [BuildUpController::class, 'index']);
        Route::post('build-ups', [BuildUpController::class, 'store']);
        Route::delete('build-ups', [BuildUpController::class, 'destroy']);

        Route::apiResource('jobs', JobController::class);
        Route::post('jobs/{job}/restore', [JobController::class, 'restore'])->whereNumber('job');
        Route::post('jobs/{job}/copy', [JobController::class, 'copy']);
        Route::put('jobs/{job}/order', [MemberController::class, 'order']);
        Route::post('jobs/{job}/members', [MemberController::class, 'store']);
        Route::post('jobs/{job}/packs', [PackController::class, 'store']);

        Route::apiResource('members', MemberController::class)->only(['show', 'update', 'destroy']);
        Route::post('members/{member}/restore', [MemberController::class, 'restore'])->whereNumber('member');
        Route::post('members/{member}/copy', [MemberController::class, 'copy']);
        Route::get('members/{member}/file', [MemberController::class, 'file']);
        Route::get('members/{member}/sheet', [SheetController::class, 'show']);
        Route::get('members/{member}/sheet.pdf', [SheetController::class, 'pdf']);

        Route::apiResource('packs', PackController::class)->only(['show', 'destroy']);
        Route::get('packs/{pack}/pdf', [PackController::class, 'pdf']);
    });
    Route::any('{path}', fn () => abort(404))->where('path', '.*');
});

// Everything else is the single page.
Route::view('{path?}', 'app')->where('path', '^(?!api/|build/).*$')->name('login');
