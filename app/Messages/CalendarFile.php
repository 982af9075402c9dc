<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\BookingFacts;
use App\Models\Booking;
use App\Support\ClientLink;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** An iCalendar file (RFC 5545) with the events of bookings. */
final readonly class CalendarFile
{
    public function __construct(private CalendarEvent $event, private ClientLink $links)
    {
    }

    /** One that a calendar is to answer holds one event; several are for whoever wants to take them over. */
    public function with(CalendarMethod $method, Booking ...$bookings): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Yard Bell//Yard Bell//EN', 'METHOD' => $method->value]);
        foreach ($bookings as $booking) {
            $properties = $this->event->of(BookingFacts::of($booking), $method, $this->links->to($booking));
            $event = $calendar->add(
                'VEVENT',
                array_filter($properties, static fn (mixed $value): bool => ! is_array($value)),
            );
            assert($event instanceof VEvent);
            foreach (array_filter($properties, is_array(...)) as $name => [$value, $parameters]) {
                $event->add($name, $value, $parameters);
            }
        }

        return $calendar->serialize();
    }
}
