<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\People;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** One's own password. */
final class PasswordController extends Controller
{
    public function update(Request $request, People $people): JsonResponse
    {
        $user = $this->user($request)->load('office');
        abort_if($user->isDemo(), 403, 'The demo has no password.');
        $current = $request->input('current');
        if (! is_string($current) || ! Hash::check($current, $user->password)) {
            throw ValidationException::withMessages(['current' => 'This is not your password.']);
        }
        $people->change($user, ['password' => $request->input('password')]);
        // Signed in anew: every other window with the old password is not any more.
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(['changed' => true]);
    }
}
