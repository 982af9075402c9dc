<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\CancelledDay;
use App\Http\Asker;
use App\Support\Checks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** What was to be on a day, and is not. */
final readonly class ShowCancelled
{
    public function __construct(private CancelledDay $day)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $asked = $request->validate(['date' => ['required', Checks::date()]]);

        return new JsonResponse(['bookings' => $this->day->of(
            Asker::business($request),
            Wall::day((string) $asked['date']),
            Asker::access($request)->ownLane(),
        )]);
    }
}
