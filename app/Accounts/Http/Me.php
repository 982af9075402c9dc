<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Models\Business;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who is signed in, and where they work. */
final class Me
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse($user instanceof User ? self::of($user) : ['user' => null, 'businesses' => [], 'standIns' => self::standIns()]);
    }

    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        return [
            'user' => ['name' => $user->name, 'email' => $user->email, 'verified' => $user->email_verified_at !== null],
            'businesses' => $user->businesses()->get()->map(static fn (Business $business): array => [
                'slug' => $business->slug, 'name' => $business->name, 'published' => $business->published_at !== null,
            ])->values()->all(),
            'standIns' => self::standIns(),
        ];
    }

    private static function standIns(): ?string
    {
        return config('yardbell.demonstration') === true ? (string) config('yardbell.stand_ins') : null;
    }
}
