<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\History;
use App\Facts\VisitParts;
use App\Http\Asker;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Client;
use App\Models\Lock;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Every link that a client has to a booking, or to their own page, is good no more: it may be in wrong hands. */
final readonly class VoidLinks
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private BookingCard $card,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $user = $request->user();
        assert($user instanceof User);
        $booking = $this->db->transaction(function () use ($business, $id, $user): Booking {
            foreach (VisitParts::locked($business->id, $id) as $part) {
                $part->update(['link_version' => $part->link_version + 1]);
                $this->history->changed($part, $user->name, (new Sentence('history.links_void'))->text());
            }
            $booking = Booking::query()->where('business_id', $business->id)->findOrFail($id);
            $own = Client::query()->where('business_id', $business->id)->whereKey($booking->client_id);
            $client = Lock::on($own)->first();
            $client?->update(['link_version' => $client->link_version + 1]);

            return $booking;
        }, attempts: 5);

        return new JsonResponse($this->card->of($booking));
    }
}
