<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SendVerification;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ResendVerification
{
    public function __construct(private SendVerification $verification)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();
        if ($user instanceof User && $user->email_verified_at === null) {
            ($this->verification)($user);
        }

        return new JsonResponse(['sent' => true]);
    }
}
