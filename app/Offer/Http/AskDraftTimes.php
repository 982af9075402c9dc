<?php

declare(strict_types=1);

namespace App\Offer\Http;

use App\Changes\ReadDrafts;
use App\Http\Asker;
use App\Offer\DraftedService;
use App\Roster\Checklist;
use App\Times\Choice;
use App\Times\OpenTimes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * The next times of a service that is being edited, as the Gate would show them, and what the core finds wrong with it.
 */
final readonly class AskDraftTimes
{
    public function __construct(
        private ReadDrafts $read,
        private DraftedService $drafted,
        private OpenTimes $times,
        private Checklist $checklist,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        [$book, $id] = $this->drafted->book($business, $access, ($this->read)($request, $business));

        return new JsonResponse([
            'times' => $this->times->by($book, $business, new Choice($id), null),
            'findings' => $access->ownLane() === null
                    ? [
                        ...$this->checklist->ofService($book, $id),
                        ...$this->drafted->withoutSessions($business, $book, $id),
                    ]
                    : [],
        ]);
    }
}
