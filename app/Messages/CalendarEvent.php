<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\BookingFacts;
use App\Support\Clock;

/** A booking as an event (RFC 5545): its UID stays the same for life, its sequence counts the changes. */
final readonly class CalendarEvent
{
    /** @param  string  $sender who invites for businesses without an address of their own */
    public function __construct(private Clock $clock, private string $sender)
    {
    }

    /** @return array<string, mixed> properties by name, those with parameters as [value, parameters] */
    public function of(BookingFacts $facts, CalendarMethod $method): array
    {
        $event = [
            'UID' => strtolower($facts->id).'@yardbell', // as it was from the first
            'DTSTAMP' => $this->clock->now()->toDateTime(),
            'DTSTART' => $facts->start->toDateTime(),
            'DTEND' => $facts->end->toDateTime(),
            'SEQUENCE' => $facts->version,
            'STATUS' => $method === CalendarMethod::Cancel || $facts->isOver() ? 'CANCELLED' : 'CONFIRMED',
            'SUMMARY' => "{$facts->service}, {$facts->business->name}",
            'LOCATION' => $facts->where(),
        ];

        return $method === CalendarMethod::Publish ? $event : $event + $this->people($facts);
    }

    /** @return array<string, array{string, array<string, string>}> */
    private function people(BookingFacts $facts): array
    {
        if ($facts->contact === null) {
            return [];
        }
        $sender = $facts->business->email === '' ? $this->sender : $facts->business->email;
        $name = $facts->isProven ? ['CN' => $facts->contact['name']] : [];

        return [
            'ORGANIZER' => ["mailto:{$sender}", ['CN' => $facts->business->name]],
            'ATTENDEE' => ["mailto:{$facts->contact['email']}", [...$name, 'PARTSTAT' => 'ACCEPTED']],
        ];
    }
}
