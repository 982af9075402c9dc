<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Changes\ReadDrafts;
use App\Http\Asker;
use App\Support\Checks;
use App\Times\PreviewDrafts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** What drafts would do to the next four weeks. Nothing is written. */
final readonly class PreviewChanges
{
    public function __construct(private ReadDrafts $read, private PreviewDrafts $preview)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);

        $from = $request->validate(['from' => ['nullable', Checks::date()]])['from'] ?? null;

        return new JsonResponse(
            $this->preview->of(
                $business,
                $access,
                ($this->read)($request, $business),
                $from === null ? null : Wall::day($from),
            ),
        );
    }
}
