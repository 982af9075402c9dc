<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Support\MailAddress;
use Carbon\CarbonImmutable;

/**
 * Whether a time that is paid later is booked only once a link mailed to the client's address was opened. That somebody
 * else has opened one before, whose address is typed now, proves nothing.
 */
final class ProofOfAddress
{
    /** What an owner may choose: never, for a day after abuse has shown, always. */
    public const CHOICES = ['never', 'abuse', 'always'];

    private const HOURS_AFTER_ABUSE = 24;

    /** Of whoever did not come by a link that was mailed to them. */
    public static function isAsked(Business $business, CarbonImmutable $now): bool
    {
        return match ($business->proof) {
            'always' => true,
            'abuse' => $business->abused_until !== null && $business->abused_until > $now,
            default => false,
        };
    }

    /** Somebody holds more times than anybody needs. */
    public static function abused(Business $business, CarbonImmutable $now): void
    {
        Business::query()
            ->whereKey($business->id)
            ->update(['abused_until' => $now->addHours(self::HOURS_AFTER_ABUSE)]);
    }

    /** The link that was mailed for this booking has been opened: its address is theirs, of its whole visit. */
    public static function given(Booking $booking, CarbonImmutable $now): void
    {
        Client::query()
            ->where('business_id', $booking->business_id)
            ->whereKey($booking->client_id)
            ->where('email', MailAddress::normal($booking->contact['email'] ?? ''))
            ->whereNull('proven_at')
            ->update(['proven_at' => $now]);
        Booking::query()
            ->where('business_id', $booking->business_id)
            ->whereIn('id', array_map(
                static fn (Booking $part): string => $part->id,
                VisitParts::of($booking) ?: [$booking],
            ))
            ->whereNull('proven_at')
            ->update(['proven_at' => $now]);
    }
}
