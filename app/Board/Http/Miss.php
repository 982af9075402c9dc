<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\MissBooking;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The client did not come. */
final readonly class Miss
{
    public function __construct(private MissBooking $miss, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $by = Asker::access($request)->user->name;

        return new JsonResponse($this->card->of(($this->miss)(Asker::business($request)->id, $id, $by)));
    }
}
