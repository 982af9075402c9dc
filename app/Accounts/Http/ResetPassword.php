<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\KnownDevice;
use App\Accounts\Passwords;
use App\Accounts\SignInTries;
use App\Limits\Network;
use App\Models\User;
use App\Support\Clock;
use App\Support\MailAddress;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final readonly class ResetPassword
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private SignInTries $tries,
        private KnownDevice $device,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        /** @var array{token: string, email: string, password: string} $given */
        $given = $request->validate(
            [
                'token' => 'required|string|max:200',
                'email' => 'required|string|max:190',
                'password' => Passwords::rules(),
            ],
            Passwords::sentences(),
        );
        $network = Network::hash((string) $request->ip(), config()->string('app.key'));
        $status = Password::reset(['email' => MailAddress::normal($given['email']) ?? ''] + $given, function (
            User $user,
            string $password,
        ) use ($request, $network): void {
            $user
                ->forceFill([
                    'password' => $password,
                    'remember_token' => Str::random(60),
                    'email_verified_at' => $user->email_verified_at ?? $this->clock->now(),
                ])
                ->save();
            // whoever else was signed in is not any more
            $this->db->table('sessions')->where('user_id', $user->id)->delete();
            // the link was mailed to them: they sign in with it, whatever was tried from here
            $this->tries->succeeded($user->email, $network, $this->device->of($request, $user->email));
            $this->device->remember($request, $user);
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages([
                'password' => 'wrong.account.link_expired',
            ]);
        }

        return new JsonResponse(['changed' => true]);
    }
}
