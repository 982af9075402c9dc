<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Messages\AccountLetters;
use App\Models\Occasion;
use App\Models\User;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;

/** Mails a link for a new password. The answer is the same whether there is such an account or not. */
final readonly class ForgotPassword
{
    public function __construct(private AccountLetters $letters)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $email = $request->validate(
            ['email' => ['required', 'string', 'max:190', new MailAddress()]],
            [
                'email.*' => 'wrong.account.email_required',
            ],
        )['email'];
        Password::sendResetLink(['email' => MailAddress::normal($email)], function (User $user, string $token): void {
            $link =
                config()->string('app.url')
                .'/new-password?'
                .http_build_query(['token' => $token, 'email' => $user->email]);
            $this->letters->to($user, Occasion::Password, $link, substr(hash('sha256', $token), 0, 20));
        });

        return new JsonResponse(['sent' => true]);
    }
}
