<?php

declare(strict_types=1);

namespace App\Accounts\Http;

use App\Language\Speech;
use App\Models\Business;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The workspace's page, in the language of the business it opens in, if whoever asks works there. */
final readonly class ShowWorkspace
{
    public function __construct(private Speech $speech)
    {
    }

    public function __invoke(Request $request, string $room = ''): View
    {
        $user = $request->user();
        $business = $user instanceof User ? self::business($user, $room) : null;
        if ($business !== null) {
            $this->speech->of($business->locale);
        }

        return view('workspace');
    }

    private static function business(User $user, string $room): ?Business
    {
        $at = explode('/', $room);

        return $at[0] === 'at' ? $user->businesses()->where('slug', $at[1] ?? '')->first() : null;
    }
}
