<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Facts\EffectWords;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Models\Booking;
use App\Support\Given;
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
        private EffectWords $told,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $cancelled = ($this->cancel)($booking->business_id, $id, self::how($request, $booking));

        return new JsonResponse($this->shape->of($cancelled));
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $effect = $this->cancel->tried($booking->business_id, $id, self::how($request, $booking));

        return new JsonResponse($this->told->shape($effect, toClient: true));
    }

    private static function how(Request $request, Booking $booking): Cancelling
    {
        $given = Given::in($request->validate(['alone' => 'nullable|boolean', 'seen' => 'nullable|string|max:40']));
        $isAlone = $given->bool('alone') && $booking->state !== State::Held;

        return Cancelling::byClient(whole: ! $isAlone, seen: $given->text('seen') ?: null);
    }
}
