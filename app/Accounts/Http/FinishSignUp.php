<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SignedIn;
use App\Accounts\SignUps;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The mailed link has been opened: the account is there, and signed in. */
final readonly class FinishSignUp
{
    public function __construct(private SignUps $signUps, private SignedIn $signedIn)
    {
    }

    public function __invoke(Request $request, string $token): JsonResponse
    {
        Auth::login($this->signUps->finish($token));
        $request->session()->regenerate();

        return new JsonResponse($this->signedIn->shown(), 201);
    }
}
