<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ChangeParty;
use App\Gate\ClientBooking;
use App\Gate\GatePage;
use App\Gate\LinkedBooking;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** More or fewer come than were booked for. */
final readonly class ChangePartyByLink
{
    public function __construct(
        private ChangeParty $change,
        private ClientBooking $shape,
        private LinkedBooking $linked,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $given = Given::in($request->validate(
            ['party' => 'required|integer|min:1|max:'.GatePage::LARGEST_PARTY],
            ['party.*' => 'wrong.choice.how_many_come'],
        ));
        $business = $booking->business()->firstOrFail();

        return new JsonResponse($this->shape->of(($this->change)($business, $id, $given->int('party'))));
    }
}
