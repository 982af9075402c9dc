<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SignUps;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The mailed link has been opened: the account is there, and signed in. */
final readonly class FinishSignUp
{
    public function __construct(private SignUps $signUps)
    {
    }

    public function __invoke(Request $request, string $token): JsonResponse
    {
        $user = $this->signUps->finish($token);
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(Me::of($user), 201);
    }
}
