<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Changes\CheckContent;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\User;
use App\Roster\BeginBusiness;
use App\Roster\Contents\BeginningContent;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the guided start has gathered becomes a business. */
final readonly class CreateBusiness
{
    /** Businesses one account may begin. */
    private const MOST = 20;

    public function __construct(private BeginBusiness $begin)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $given = $request->validate(
            BeginningContent::rules(new Business(), null),
            BeginningContent::sentences() + CheckContent::SENTENCES,
        );
        if ($user->businesses()->count() >= self::MOST) {
            throw new Refusal(new Sentence('refusal.account.too_many_businesses', ['most' => self::MOST]), 409);
        }

        return new JsonResponse(
            ['slug' => ($this->begin)($user, BeginningContent::from(Given::in($given)))->slug],
            201,
        );
    }
}
