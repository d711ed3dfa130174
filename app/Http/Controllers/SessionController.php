<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Support\EmailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

final class SessionController extends Controller
{
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
                        'admin' => $user->is_admin,
                        'demo' => $user->isDemo(),
                    ]
                    : null,
            'demo' => $this->demoUser() !== null,
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        /** @var array{email: string, password: string} $typed */
        $typed = $request->validate(
            ['email' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255']],
            ['required' => 'Enter your :attribute.', 'max' => 'This is too long.', 'string' => 'This must be a text.'],
            ['email' => 'e-mail address'],
        );
        $email = EmailAddress::normal($typed['email']);
        if (filter_var($email, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false) {
            throw ValidationException::withMessages(['email' => 'This is not an e-mail address.']);
        }
        $user = User::query()->where('email', $email)->first();
        // An unknown address costs as much work as a known one: how long it takes tells nothing.
        $isRight = $user === null ? ! Hash::make($typed['password']) : Hash::check($typed['password'], $user->password);
        if ($user === null || ! $isRight || $user->isDemo()) {
            $says = 'E-mail address and password do not match.';
            throw ValidationException::withMessages(['password' => $says]);
        }
        Auth::login($user);

        return $this->signedIn($request);
    }

    /** One click into the demo office, while it is loaded. */
    public function demo(Request $request): JsonResponse
    {
        Auth::login($this->demoUser() ?? abort(404));

        return $this->signedIn($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['user' => null]);
    }

    /** Null where the demo is turned off or was never loaded. */
    private function demoUser(): ?User
    {
        return config('waage.demo') === true ? User::query()->where('email', User::DEMO)->first() : null;
    }

    private function signedIn(Request $request): JsonResponse
    {
        $request->session()->regenerate();

        return $this->show($request);
    }
}
