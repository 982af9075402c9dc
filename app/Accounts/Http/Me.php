<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Accounts\SignedIn;
use Illuminate\Http\JsonResponse;

/** Who is signed in, and where they work. */
final readonly class Me
{
    public function __construct(private SignedIn $signedIn)
    {
    }

    public function __invoke(): JsonResponse
    {
        return new JsonResponse($this->signedIn->shown());
    }
}
