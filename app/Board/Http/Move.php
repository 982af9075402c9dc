<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\MoveBooking;
use App\Bookings\MoveLater;
use App\Http\Asker;
use App\Messages\Telling;
use App\Models\Booking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Gives a booking another time, perhaps other people, perhaps another length; of a repeat, all later ones with it. */
final readonly class Move
{
    public function __construct(
        private MoveAsked $asked,
        private MoveBooking $move,
        private MoveLater $later,
        private BookingCard $card,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $given = MoveAsked::given($request);
        $booking = Booking::query()->where('business_id', $business->id)->findOrFail($id);
        $to = $this->asked->destination($business, $access, $booking, $given);
        $whom = Telling::client(! $given->has('told') || $given->bool('told'));
        $moved = $given->bool('later')
            ? ($this->later)(
                business: $business,
                booking: $booking,
                to: $to,
                by: $access->user->name,
                whom: $whom,
                each: MoveAsked::each($given),
            )
            : ($this->move)(business: $business, id: $id, to: $to, by: $access->user->name, whom: $whom);

        return new JsonResponse($this->card->of($moved));
    }
}
