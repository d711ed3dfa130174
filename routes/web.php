<?php

declare(strict_types=1);

use App\Http\Controllers\BuildUpController;
use App\Http\Controllers\DesignController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\RatesController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\ToolController;
use Illuminate\Support\Facades\Route;

// Whole numbers, or there is nothing at the address.
foreach (['job', 'member', 'pack', 'person'] as $id) {
    Route::pattern($id, '[0-9]{1,18}');
}

Route::prefix('api')->middleware('readable')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:demo');
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::middleware(['auth', 'auth.session', 'demo', 'throttle:api'])->group(function (): void {
        Route::post('design', [DesignController::class, 'design']);
        Route::post('influence', [DesignController::class, 'influence']);
        Route::post('parts', [DesignController::class, 'parts']);
        Route::get('materials', [DesignController::class, 'materials']);
        Route::post('collapse', [DesignController::class, 'collapse'])->middleware('heavy');
        Route::post('shortlist', [DesignController::class, 'shortlist'])->middleware('heavy');
        Route::post('reserve', [DesignController::class, 'reserve'])->middleware('heavy');

        Route::put('password', [PasswordController::class, 'update'])->middleware('throttle:sign-in');
        Route::apiResource('people', PeopleController::class)->except('show');

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
        Route::post('jobs/{job}/restore', [JobController::class, 'restore']);
        Route::post('jobs/{job}/copy', [JobController::class, 'copy']);
        Route::put('jobs/{job}/order', [MemberController::class, 'order']);
        Route::post('jobs/{job}/members', [MemberController::class, 'store']);
        Route::post('jobs/{job}/packs', [PackController::class, 'store']);

        Route::apiResource('members', MemberController::class)->only(['show', 'update', 'destroy']);
        Route::post('members/{member}/restore', [MemberController::class, 'restore']);
        Route::post('members/{member}/copy', [MemberController::class, 'copy']);
        Route::get('members/{member}/file', [MemberController::class, 'file']);
        Route::get('members/{member}/sheet', [SheetController::class, 'show'])->middleware('heavy');
        Route::get('members/{member}/sheet.pdf', [SheetController::class, 'pdf'])->middleware('heavy');

        Route::apiResource('packs', PackController::class)->only(['show', 'destroy']);
        Route::get('packs/{pack}/pdf', [PackController::class, 'pdf']);
    });
    Route::any('{path}', fn () => abort(404))->where('path', '.*');
});

// Everything else is the single page.
Route::view('{path?}', 'app')->where('path', '^(?!api/|build/).*$')->name('login');
