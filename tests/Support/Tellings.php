<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Messages\Wording;
use App\Models\Booking;
use App\Models\OutboxEntry;
use App\Support\ClientLink;

/** What each place tells of a booking's money: asked as its client, and as whoever of the house is signed in. */
final class Tellings
{
    /**
     * @param  string|null  $occasion of the client's mail; null for none
     * @return array{page: string, card: string, mail: string, receipt: string, history: string} "history" of the sale
     */
    public static function of(Booking $booking, ?string $occasion): array
    {
        $booking->refresh();
        $letter = $occasion === null ? null : self::mail($occasion);
        $page = test()->getJson("/gate-api/bookings/{$booking->id}?".app(ClientLink::class)->query($booking));
        $card = test()->getJson("/api/businesses/yard/bookings/{$booking->id}");
        $slip = test()->getJson("/api/businesses/yard/sales/{$booking->sale_id}");
        $receipt = test()->get("/api/businesses/yard/sales/{$booking->sale_id}/receipt");

        return [
            'page' => implode(' ', $page->json('told.money')),
            'card' => implode(' ', $card->json('told.money')),
            'mail' => $letter === null ? '' : app(Wording::class)->letter($letter)->text,
            'receipt' => Pdf::words((string) $receipt->getContent()),
            'history' => implode(
                '; ',
                array_map(
                    static fn (array $one): string => "{$one['about']} {$one['amount']} {$one['by']}",
                    $slip->json('history'),
                ),
            ),
        ];
    }

    /** The latest to the client that stands. */
    private static function mail(string $occasion): ?OutboxEntry
    {
        return OutboxEntry::query()
            ->where('audience', 'client')
            ->where('occasion', $occasion)
            ->where('state', '<>', 'dropped')
            ->latest('id')
            ->first();
    }
}
