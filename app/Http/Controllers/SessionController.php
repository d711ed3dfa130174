<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public const DEMO_EMAIL = 'demo@waage.example';

    /** Who is signed in, and whether the demo can be entered. */
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User
                    ? [
                        'name' => $user->name,
                        'email' => $user->email,
                        'office' => $user->load('office')->office->name,
                    ]
                    : null,
            'demo' => User::query()->where('email', self::DEMO_EMAIL)->exists(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $credentials = $request->validate(
            ['email' => ['required', 'string', 'email', 'max:255'], 'password' => ['required', 'string', 'max:255']],
            [
                'required' => 'Enter your :attribute.',
                'email' => 'This is not an e-mail address.',
                'max' => 'This is too long.',
            ],
        );
        if (! Auth::attempt($credentials)) {
            return new JsonResponse(
                [
                    'message' => 'E-mail address and password do not match.',
                    'errors' => ['password' => ['E-mail address and password do not match.']],
                ],
                422,
            );
        }

        return $this->signedIn($request);
    }

    /** One click into the demo office, while it is loaded. */
    public function demo(Request $request): JsonResponse
    {
        Auth::login(User::query()->where('email', self::DEMO_EMAIL)->firstOrFail());

        return $this->signedIn($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['user' => null]);
    }

    private function signedIn(Request $request): JsonResponse
    {
        $request->session()->regenerate();

        return $this->show($request);
    }
}
