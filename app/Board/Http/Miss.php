<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\MissBooking;
use App\Facts\EffectWords;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The client did not come. */
final readonly class Miss
{
    public function __construct(private MissBooking $miss, private BookingCard $card, private EffectWords $told)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $how = GivenUp::missing($request);

        return new JsonResponse($this->card->of(($this->miss)(Asker::business($request)->id, $id, $how)));
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Request $request, string $slug, string $id): JsonResponse
    {
        $effect = $this->miss->tried(Asker::business($request)->id, $id, GivenUp::missing($request));

        return new JsonResponse($this->told->shape($effect, toClient: false));
    }
}
