<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\MoveByClient;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** The client moves their booking, all of their visit, or one part of it alone. */
final readonly class MoveByLink
{
    public function __construct(
        private MoveByClient $move,
        private ClientBooking $shape,
        private LinkedBooking $linked,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $given = Given::in($request->validate([
            'start' => 'required|string|max:20',
            'staff' => 'nullable|string|max:26',
            'alone' => 'boolean',
        ]));
        try {
            $start = Wall::instant($given->string('start'));
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
        $business = $booking->business;

        $alone = $request->boolean('alone');

        return new JsonResponse(
            $this->shape->of(($this->move)(
                business: $business,
                id: $id,
                start: $start,
                staff: $given->stringIf('staff'),
                alone: $alone,
            )),
        );
    }
}
