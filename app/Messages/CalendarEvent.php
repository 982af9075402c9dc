<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\BookingFacts;
use App\Language\Catalogue;
use App\Models\Member;
use App\Support\Clock;

/** A booking as an event (RFC 5545): its UID stays the same for life, its sequence counts the changes. */
final readonly class CalendarEvent
{
    /** @param  string  $sender who invites for businesses without an address of their own */
    public function __construct(private Clock $clock, private Catalogue $catalogue, private string $sender)
    {
    }

    /** @return array<string, mixed> properties by name, those with parameters as [value, parameters] */
    public function of(BookingFacts $facts, CalendarMethod $method, string $link): array
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
            'URL' => $link,
            'DESCRIPTION' => $this->description($facts, $link),
        ];
        if ($facts->meetingLink() !== '') {
            $event['CONFERENCE'] = [$facts->meetingLink(), ['VALUE' => 'URI', 'FEATURE' => 'VIDEO']]; // RFC 7986
        }

        return $method === CalendarMethod::Publish ? $event : $event + $this->people($facts);
    }

    /** With whom, how to get in, what to bring, whom to call, and where it is seen, moved or cancelled. */
    private function description(BookingFacts $facts, string $link): string
    {
        $staff = array_map(static fn (Member $member): string => $member->name, $facts->staff);
        $business = $facts->business;

        return implode("\n", array_filter([
            $staff === [] ? '' : $this->catalogue->say('mail.label.with').' '.implode(', ', $staff),
            $facts->meetingLink(),
            $facts->bring === '' ? '' : $this->catalogue->say('mail.label.bring')." {$facts->bring}",
            implode(', ', array_filter([$business->name, $business->phone, $business->email])),
            $this->catalogue->say('mail.link.see')." {$link}",
        ]));
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
