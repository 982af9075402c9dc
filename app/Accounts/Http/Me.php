<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Access\Act;
use App\Access\Role;
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

        return new JsonResponse(
            $user instanceof User
                ? self::of($user)
                : ['user' => null, 'businesses' => [], 'standIns' => self::standIns()],
        );
    }

    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        return [
            'user' => ['name' => $user->name, 'email' => $user->email, 'verified' => $user->email_verified_at !== null],
            'businesses' => $user
                ->businesses()
                ->get()
                ->map(
                    static fn (Business $business): array => [
                        'slug' => $business->slug,
                        'name' => $business->name,
                        'locale' => $business->locale,
                        'published' => $business->published_at !== null,
                        'role' => $business->pivot->role,
                        'may' => self::may(Role::from((string) $business->pivot->role)),
                    ],
                )
                ->values()
                ->all(),
            'standIns' => self::standIns(),
        ];
    }

    /** @return list<string> */
    private static function may(Role $role): array
    {
        return array_values(
            array_map(static fn (Act $act): string => $act->value, array_filter(Act::cases(), $role->may(...))),
        );
    }

    private static function standIns(): ?string
    {
        return config('yardbell.demonstration') === true ? config()->string('yardbell.stand_ins') : null;
    }
}
