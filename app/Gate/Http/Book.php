<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ConfirmBooking;
use App\Gate\BookDetails;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The client says who they are: the held time is booked, or waits for its payment. */
final readonly class Book
{
    public function __construct(
        private ConfirmBooking $confirm,
        private LinkedBooking $linked,
        private ClientBooking $shape,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $business = $booking->business;
        $booked = ($this->confirm)($business, $booking, BookDetails::of($request, $business, $booking));
        $shown = $this->shape->of($booked);

        return new JsonResponse(['pay' => $shown['pay'], 'booking' => $shown]);
    }
}
