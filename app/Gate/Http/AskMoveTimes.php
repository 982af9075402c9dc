<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\MoveTimes;
use App\Gate\LinkedBooking;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** The almanac once more, for a booking, a visit or a part of it that its client would like to move. */
final readonly class AskMoveTimes
{
    public function __construct(
        private MoveTimes $times,
        private LinkedBooking $linked,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $from = Given::in($request->validate(['from' => ['nullable', Checks::date()]]))->stringIf('from');
        $fromDay = $from === null ? null : Wall::day($from);

        return new JsonResponse($this->times->of($booking, $request->boolean('alone'), $fromDay));
    }
}
