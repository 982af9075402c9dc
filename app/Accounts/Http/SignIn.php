<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SignedIn;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final readonly class SignIn
{
    public function __construct(private SignedIn $signedIn)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'email' => 'required|string|max:190',
                'password' => 'required|string|max:200',
                'stay' => 'nullable|boolean',
            ],
            [
                'email.required' => 'wrong.account.which_mail_address',
                'password.required' => 'wrong.account.password_missing',
            ],
        );
        if (
            ! Auth::attempt(
                ['email' => MailAddress::normal($given['email']) ?? '', 'password' => $given['password']],
                (bool) ($given['stay'] ?? false),
            )
        ) {
            throw ValidationException::withMessages([
                'password' => 'wrong.account.address_and_password',
            ]);
        }
        $request->session()->regenerate();

        return new JsonResponse($this->signedIn->shown());
    }
}
