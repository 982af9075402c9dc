<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Access\Act;
use App\Http\Asker;
use App\Roster\Year;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is different on some dates of a year: special days, closures, time off. */
final readonly class ShowYear
{
    public function __construct(private Year $year)
    {
    }

    public function __invoke(Request $request, string $slug, int $year): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        abort_unless($year >= 1970 && $year <= 2200, 404);

        return new JsonResponse(
            $this->year->of($business, $year, $access->role->may(Act::SeeBoard) ? null : (string) $access->staff),
        );
    }
}
