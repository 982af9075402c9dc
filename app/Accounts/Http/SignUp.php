<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SendVerification;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;

final readonly class SignUp
{
    public function __construct(private SendVerification $verification)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate([
            'name' => 'required|string|max:120',
            'email' => 'required|string|max:190|email:rfc|unique:users,email',
            'password' => ['required', 'string', 'max:200', Password::min(10)],
        ], [
            'name.required' => 'Please tell us your name.',
            'email.required' => 'Your mail address is what you sign in with.',
            'email.email' => 'This does not look like a mail address. One looks like name@example.com.',
            'email.unique' => 'There is an account with this address already. Sign in, or choose a new password.',
            'password.required' => 'Choose a password of at least 10 characters.',
            'password.min' => 'A password has at least 10 characters.',
        ]);
        $user = User::query()->create(['name' => trim($given['name']), 'email' => mb_strtolower(trim($given['email'])), 'password' => $given['password']]);
        ($this->verification)($user);
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(Me::of($user), 201);
    }
}
