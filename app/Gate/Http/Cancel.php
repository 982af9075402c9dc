<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\CancelBooking;
use App\Bookings\History;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Booking\State;

/** The client cancels all of a visit, or one part of it alone, or lets go of what is only held. */
final readonly class Cancel
{
    public function __construct(
        private CancelBooking $cancel,
        private LinkedBooking $linked,
        private ClientBooking $shape,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);

        $alone = $request->boolean('alone') && $booking->state !== State::Held;
        $asked = [$booking->business_id, $id, History::BY_CLIENT];
        $cancelled = $alone ? ($this->cancel)(...$asked) : $this->cancel->visit(...$asked);

        return new JsonResponse($this->shape->of($cancelled));
    }
}
