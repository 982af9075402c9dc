<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use Carbon\CarbonImmutable;

/** Whether a time that is paid later is booked only once a link mailed to the client's address was opened. */
final class ProofOfAddress
{
    /** What an owner may choose: never, for a day after abuse has shown, always. */
    public const CHOICES = ['never', 'abuse', 'always'];

    private const HOURS_AFTER_ABUSE = 24;

    public static function isAsked(Business $business, Client $client, CarbonImmutable $now): bool
    {
        $asks = match ($business->proof) {
            'always' => true,
            'abuse' => $business->abused_until !== null && $business->abused_until > $now,
            default => false,
        };

        return $asks && $client->proven_at === null;
    }

    /** Somebody holds more times than anybody needs. */
    public static function abused(Business $business, CarbonImmutable $now): void
    {
        Business::query()
            ->whereKey($business->id)
            ->update(['abused_until' => $now->addHours(self::HOURS_AFTER_ABUSE)]);
    }

    /** The link that was mailed for this booking has been opened. */
    public static function given(Booking $booking, CarbonImmutable $now): void
    {
        Client::query()
            ->where('business_id', $booking->business_id)
            ->whereKey($booking->client_id)
            ->whereNull('proven_at')
            ->update(['proven_at' => $now]);
    }
}
