<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Http\Asker;
use App\Language\Sentence;
use App\Models\User;
use App\Roster\Checklist;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Shows the page to the world, or takes it down. */
final readonly class Publish
{
    public function __construct(private Checklist $checklist, private Clock $clock)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $user = $request->user();
        assert($user instanceof User);
        $published = $request->validate(['published' => 'required|boolean'])['published'];
        if ($published && $user->email_verified_at === null) {
            throw new Refusal(new Sentence('refusal.account.unverified'), 409, 'unverified');
        }
        if ($published && ! $this->checklist->canBeBooked($business)) {
            throw new Refusal(new Sentence('refusal.setup.incomplete'), 409, 'incomplete');
        }
        $business->update(['published_at' => $published ? $business->published_at ?? $this->clock->now() : null]);

        return new JsonResponse(['published' => $business->published_at !== null]);
    }
}
