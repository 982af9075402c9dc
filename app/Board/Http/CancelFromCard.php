<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\CancelBooking;
use App\Http\Asker;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class CancelFromCard
{
    public function __construct(private CancelBooking $cancel, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $user = $request->user();
        assert($user instanceof User);
        $why =
            $request->validate(
                ['why' => 'nullable|string|max:300'],
                ['why.max' => 'wrong.plain.most_characters_fit?max=:max'],
            )['why'] ?? '';

        return new JsonResponse($this->card->of(($this->cancel)($business->id, $id, $user->name, trim($why))));
    }
}
