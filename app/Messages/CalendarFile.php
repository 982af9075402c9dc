<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Booking;
use App\Support\Clock;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** A booking as an iCalendar file (RFC 5545, 5546): its UID stays the same for life, its sequence counts the changes. */
final readonly class CalendarFile
{
    public function __construct(private Clock $clock)
    {
    }

    /** @param  string  $method PUBLISH, REQUEST or CANCEL */
    public function of(Booking $booking, string $method): string
    {
        $business = $booking->business()->firstOrFail();
        $location = $booking->place();
        $client = $booking->contact;
        $calendar = new VCalendar(['PRODID' => '-//Yard Bell//Yard Bell//EN', 'METHOD' => $method]);
        $event = $calendar->add('VEVENT', [
            'UID' => strtolower($booking->id).'@yardbell', // as it was from the first: it stays the same for life
            'DTSTAMP' => $this->clock->now()->toDateTime(),
            'DTSTART' => $booking->starts_at->toDateTime(),
            'DTEND' => $booking->endsAt()->toDateTime(),
            'SEQUENCE' => $booking->calendar_sequence,
            'STATUS' => $method === 'CANCEL' ? 'CANCELLED' : 'CONFIRMED',
            'SUMMARY' => "{$booking->service_name}, {$business->name}",
            'LOCATION' => trim("{$location->name}, {$location->address}", ', '),
        ]);
        assert($event instanceof VEvent);
        if ($method !== 'PUBLISH' && $client !== null) {
            $event->add('ORGANIZER', "mailto:bookings@{$business->slug}.example", ['CN' => $business->name]);
            $event->add('ATTENDEE', "mailto:{$client['email']}", ($booking->client?->proven_at === null ? [] : ['CN' => $client['name']]) + ['PARTSTAT' => 'ACCEPTED']);
        }

        return $calendar->serialize();
    }
}
