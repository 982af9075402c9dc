<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\AcceptInvitation;
use App\Accounts\Passwords;
use App\Accounts\SignedIn;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Accepts an invitation: for whoever is signed in, or with a new account. */
final readonly class Accept
{
    public function __construct(private AcceptInvitation $accept, private SignedIn $signedIn)
    {
    }

    public function __invoke(Request $request, string $token): JsonResponse
    {
        $this->accept->find($token);
        $user = $request->user();
        if ($user instanceof User) {
            ($this->accept)($token, $user, null);

            return new JsonResponse($this->signedIn->shown());
        }
        /** @var array{name: string, password: string} $account */
        $account = $request->validate(
            ['name' => 'required|string|max:120', 'password' => Passwords::rules()],
            ['name.*' => 'wrong.account.name_required', ...Passwords::sentences()],
        );
        $made = ($this->accept)($token, null, $account);
        Auth::login($made);
        $request->session()->regenerate();

        return new JsonResponse($this->signedIn->shown());
    }
}
