<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Models\Business;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowCard
{
    public function __construct(private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);

        return new JsonResponse($this->card->of($business->bookings()->findOrFail($id)));
    }
}
