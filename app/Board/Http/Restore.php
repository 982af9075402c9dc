<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\RecordProgress;
use App\Bookings\RestoreBooking;
use App\Facts\EffectWords;
use App\Http\Asker;
use App\Models\Booking;
use App\Models\Business;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Booking\State;

/** A booking that was cancelled, or missed, is taken after all. */
final readonly class Restore
{
    public function __construct(
        private RestoreBooking $restore,
        private RecordProgress $progress,
        private BookingCard $card,
        private EffectWords $told,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $how = GivenUp::takingBack($request);
        $booking = self::booking($business, $id);

        return new JsonResponse($this->card->of(
            $booking->state === State::NoShow
                ? $this->progress->undo($booking, State::NoShow, $how)
                : ($this->restore)($business, $id, $how),
        ));
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $how = GivenUp::takingBack($request);
        $booking = self::booking($business, $id);
        $effect = $booking->state === State::NoShow
            ? $this->progress->undoTried($booking, State::NoShow, $how)
            : $this->restore->tried($business, $id, $how);

        return new JsonResponse($this->told->shape($effect, toClient: false));
    }

    private static function booking(Business $business, string $id): Booking
    {
        return Booking::query()->where('business_id', $business->id)->findOrFail($id);
    }
}
