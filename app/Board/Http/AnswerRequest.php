<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\DecideBooking;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class AnswerRequest
{
    public function __construct(private DecideBooking $decide, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $business->bookings()->findOrFail($id);
        $given = $request->validate(
            ['accept' => 'required|boolean', 'why' => 'nullable|string|max:300'],
            ['why.max' => 'wrong.plain.too_long?max=:max'],
        );

        return new JsonResponse(
            $this->card->of(
                ($this->decide)(
                    businessId: $business->id,
                    id: $id,
                    yes: (bool) $given['accept'],
                    by: $access->user->name,
                    why: trim($given['why'] ?? ''),
                ),
            ),
        );
    }
}
