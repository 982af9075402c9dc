<?php

declare(strict_types=1);

namespace App\Changes\Http;

use App\Changes\SavedChange;
use App\Changes\UndoChange;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class UndoSaved
{
    public function __construct(private UndoChange $undo)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $change = ($this->undo)($business, $access, $id);

        return new JsonResponse(SavedChange::shape($business->refresh(), $change, []));
    }
}
