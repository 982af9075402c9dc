<?php

declare(strict_types=1);

namespace App\Changes\Http;

use App\Changes\ReadDrafts;
use App\Changes\SavedChange;
use App\Changes\SaveDrafts;
use App\Http\Asker;
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
        $business = Asker::business($request);
        $access = Asker::access($request);
        $drafts = ($this->read)($request, $business);
        $change = ($this->save)($business, $access, $drafts);

        return new JsonResponse(SavedChange::shape($business->refresh(), $change, $drafts));
    }
}
