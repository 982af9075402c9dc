<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Models\User;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'email' => 'required|string|max:190',
                'password' => 'required|string|max:200',
                'stay' => 'nullable|boolean',
            ],
            [
                'email.required' => 'Which mail address do you sign in with?',
                'password.required' => 'Your password is missing.',
            ],
        );
        if (
            ! Auth::attempt(
                ['email' => MailAddress::normal($given['email']) ?? '', 'password' => $given['password']],
                (bool) ($given['stay'] ?? false),
            )
        ) {
            throw ValidationException::withMessages([
                'password' => 'This address and password do not belong together.',
            ]);
        }
        $request->session()->regenerate();
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(Me::of($user));
    }
}
