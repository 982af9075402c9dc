<?php

declare(strict_types=1);

namespace App\Changes\Http;

use App\Access\Access;
use App\Changes\ReadDrafts;
use App\Changes\SavedChange;
use App\Changes\SaveDrafts;
use App\Models\Business;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Saves one or several things at once. */
final readonly class SaveChanges
{
    public function __construct(private ReadDrafts $read, private SaveDrafts $save)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = $request->attributes->get('business');
        $access = $request->attributes->get('access');
        assert($business instanceof Business && $access instanceof Access);
        $drafts = ($this->read)($request, $business);
        $change = ($this->save)($business, $access, $drafts);

        return new JsonResponse(SavedChange::shape($business->refresh(), $change, $drafts));
    }
}
