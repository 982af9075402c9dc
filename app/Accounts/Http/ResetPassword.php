<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;

final class ResetPassword
{
    public function __invoke(Request $request): JsonResponse
    {
        /** @var array{token: string, email: string, password: string} $given */
        $given = $request->validate([
            'token' => 'required|string|max:200', 'email' => 'required|string|max:190',
            'password' => ['required', 'string', 'max:200', PasswordRule::min(10)],
        ], ['password.*' => 'A password has at least 10 characters.']);
        $status = Password::reset($given, static function (User $user, string $password): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60), 'email_verified_at' => $user->email_verified_at ?? now()])->save();
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['password' => 'This link has run out or was used already. Ask for a new one.']);
        }

        return new JsonResponse(['changed' => true]);
    }
}
