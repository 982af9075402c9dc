<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session;
use YardBell\Core\Booking\WaitlistEntry;
use YardBell\Core\Time\Wall;

/** Writes what is scheduled, booked and waited for as a document has it. */
final class DiaryWriter
{
    /** @return array<string, mixed> */
    public static function session(Session $session): array
    {
        return Writer::some([
            'id' => $session->id,
            'service' => $session->service,
            'start' => Wall::writeInstant($session->start),
            'minutes' => $session->minutes,
            'staff' => $session->staff,
            'location' => $session->location,
            'units' => $session->units,
            'places' => $session->places,
            'state' => $session->cancelled ? 'cancelled' : 'scheduled',
        ]);
    }

    /**
     * @param  array<string, string>  $services by session
     * @return array<string, mixed>
     */
    public static function taken(Booking|Seat $booking, array $services): array
    {
        return Writer::some(
            ($booking instanceof Seat
                ? ['id' => $booking->id, 'service' => $services[$booking->session], 'session' => $booking->session]
                : self::booking($booking)) + [
                    'party' => $booking->party,
                    'client' => $booking->client,
                    'state' => $booking->state->value,
                    'heldUntil' => $booking->heldUntil === null ? null : Wall::writeInstant($booking->heldUntil),
                    'createdAt' => Wall::writeInstant($booking->createdAt),
                ],
        );
    }

    /** @return array<string, mixed> */
    private static function booking(Booking $booking): array
    {
        return [
            'id' => $booking->id,
            'service' => $booking->service,
            'start' => Wall::writeInstant($booking->start),
            'minutes' => $booking->minutes,
            'setup' => $booking->setup,
            'clearup' => $booking->clearup,
            'staff' => $booking->staff,
            'location' => $booking->location,
            'units' => $booking->units,
            'doubleBooked' => $booking->doubleBooked ?: null,
        ];
    }

    /** @return array<string, mixed> */
    public static function waitlistEntry(WaitlistEntry $entry): array
    {
        return Writer::some([
            'id' => $entry->id,
            'service' => $entry->service,
            'minutes' => $entry->minutes,
            'extra' => $entry->extra,
            'party' => $entry->party,
            'staff' => $entry->staff,
            'locations' => $entry->locations,
            'from' => Wall::date($entry->fromDay),
            'until' => Wall::date($entry->untilDay),
            'windows' => $entry->windows === null ? null : Writer::weekly($entry->windows),
            'client' => $entry->client,
            'createdAt' => Wall::writeInstant($entry->createdAt),
        ]);
    }
}
