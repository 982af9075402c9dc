<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\Passwords;
use App\Accounts\SignUps;
use App\Limits\Network;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Timebox;

/** Asks for an account: a link is mailed. What is answered, and when, is the same for an address that has one. */
final readonly class SignUp
{
    private const MICROSECONDS = 400_000;

    public function __construct(private SignUps $signUps)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'name' => 'required|string|max:120',
                'email' => ['required', 'string', 'max:190', new MailAddress()],
                'password' => Passwords::rules(),
            ],
            [
                'name.*' => 'wrong.account.name_required',
                'email.required' => 'wrong.account.email_is_sign_in',
                'email.*' => MailAddress::SENTENCE,
                ...Passwords::sentences(),
            ],
        );
        (new Timebox())->call(
            fn () => $this->signUps->ask(
                trim($given['name']),
                (string) MailAddress::normal($given['email']),
                $given['password'],
                Network::hash((string) $request->ip(), config()->string('app.key')),
            ),
            config()->integer('yardbell.timebox', self::MICROSECONDS),
        );

        return new JsonResponse(['sent' => true], 202);
    }
}
