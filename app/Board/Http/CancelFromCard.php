<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\CancelBooking;
use App\Facts\EffectWords;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Cancels a booking; of a repeat all later ones with it, of a visit all parts, where that is wished. */
final readonly class CancelFromCard
{
    public function __construct(private CancelBooking $cancel, private BookingCard $card, private EffectWords $told)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $how = GivenUp::cancelling($request);

        return new JsonResponse($this->card->of(($this->cancel)(Asker::business($request)->id, $id, $how)));
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Request $request, string $slug, string $id): JsonResponse
    {
        $effect = $this->cancel->tried(Asker::business($request)->id, $id, GivenUp::cancelling($request));

        return new JsonResponse($this->told->shape($effect, toClient: false));
    }
}
