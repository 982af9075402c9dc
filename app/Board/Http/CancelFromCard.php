<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\CancelBooking;
use App\Bookings\Repeated;
use App\Http\Asker;
use App\Models\User;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Cancels a booking; of a repeat all later ones with it, of a visit all parts, where that is wished. */
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
        $given = Given::in($request->validate(
            ['why' => 'nullable|string|max:300', 'later' => 'nullable|boolean', 'whole' => 'nullable|boolean'],
            ['why.max' => 'wrong.plain.most_characters_fit?max=:max'],
        ));
        $asked = [$business->id, $id, $user->name, $given->text('why')];
        $booking = $given->bool('whole') ? $this->cancel->visit(...$asked) : ($this->cancel)(...$asked);
        foreach ($given->bool('later') ? Repeated::after($booking) : [] as $other) {
            ($this->cancel)($business->id, $other->id, $user->name, $given->text('why'));
        }

        return new JsonResponse($this->card->of($booking));
    }
}
