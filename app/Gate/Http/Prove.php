<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\BookProven;
use App\Bookings\ProofOfAddress;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Support\ClientLink;
use App\Support\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Whoever came by the mailed link says yes: it is booked. A press, so that no mail program books by looking at a link.
 */
final readonly class Prove
{
    public function __construct(
        private BookProven $book,
        private ClientLink $links,
        private LinkedBooking $linked,
        private ClientBooking $shape,
        private Clock $clock,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        if (! $this->links->cameByMail($request, $booking)) {
            throw new NotFoundHttpException();
        }
        ProofOfAddress::given($booking, $this->clock->now());
        ($this->book)($booking->business, $booking->id);

        return new JsonResponse($this->shape->of($booking->refresh()));
    }
}
