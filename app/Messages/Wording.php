<?php

declare(strict_types=1);

namespace App\Messages;

use App\Ledger\Told;
use App\Models\Booking;
use App\Models\Member;
use App\Models\OutboxEntry;
use App\Support\ClientLink;
use App\Support\LocalTime;

/** The shipped wording. It fits itself to the case: place, payment and link appear where they apply. */
final readonly class Wording
{
    public function __construct(private ClientLink $links, private CalendarFile $calendar, private Told $told)
    {
    }

    public function letter(OutboxEntry $entry): Letter
    {
        $booking = $entry->booking_id === null ? null : $entry->booking()->first(); // an account's mail is of no business

        return $booking === null ? $this->accountLetter($entry) : $this->bookingLetter($entry, $booking);
    }

    private function accountLetter(OutboxEntry $entry): Letter
    {
        $name = (string) ($entry->content['name'] ?? '');
        $link = (string) ($entry->content['link'] ?? '');
        [$subject, $text] = match ($entry->occasion) {
            'invitation' => ["{$entry->content['by']} invites you to {$entry->content['business']}", "{$entry->content['by']} would like you to sign in to {$entry->content['business']} at Yard Bell. Open this link to accept:\n\n{$link}\n\nIt is good for two weeks. With an account or without one, it takes a minute."],
            'sign_up' => ['Open this to start with Yard Bell', "Open this link and your account is there:\n\n{$link}\n\nThe link is good for a day. If you did not ask for it, leave it be: nothing happens."],
            'known' => ['You have an account at Yard Bell already', "Somebody, probably you, wanted to start with this address. There is an account already; sign in here:\n\n{$link}\n\nIf you have forgotten the password, ask for a new one there."],
            'verify' => ['Please confirm your mail address', "Open this link to confirm that this address is yours:\n\n{$link}\n\nYou can publish your page as soon as it is confirmed. The link is good for a day."],
            default => ['Choose a new password', "Open this link to choose a new password:\n\n{$link}\n\nIt is good for one hour. If you did not ask for it, leave it be: nothing changes."],
        };

        return new Letter($entry->key, $entry->recipient, 'Yard Bell', $subject, ($name === '' ? 'Hello' : "Hello {$name}").",\n\n{$text}\n");
    }

    private function bookingLetter(OutboxEntry $entry, Booking $booking): Letter
    {
        $business = $booking->business()->firstOrFail();
        $when = LocalTime::written($booking->starts_at, $business);
        $lines = [$this->opening($entry, $booking, $when), '', ...$this->particulars($booking, $when, $entry->audience)];
        $why = (string) ($entry->content['why'] ?? '');
        if ($why !== '') {
            array_push($lines, '', "\"{$why}\"");
        }
        if ($entry->audience === 'client' && in_array($entry->occasion, ['booked', 'pending', 'moved', 'word', 'reminder'], true)) {
            array_push($lines, '', 'See it, or cancel it:', $this->links->mailed($booking));
        }
        if ($entry->occasion === 'prove') {
            array_push($lines, '', 'Book it:', $this->links->mailed($booking));
        }
        $method = match ($entry->occasion) {
            'booked', 'moved' => 'REQUEST',
            'cancelled' => 'CANCEL',
            default => null,
        };

        return new Letter(
            $entry->key,
            $entry->recipient,
            $business->name,
            $this->subject($entry, $booking, $when),
            implode("\n", $lines)."\n\n{$business->name}\n",
            $entry->audience === 'client' && $method !== null ? $this->calendar->of($booking, $method) : null,
            $entry->audience === 'client' ? $method : null,
        );
    }

    private function subject(OutboxEntry $entry, Booking $booking, string $when): string
    {
        return match ($entry->occasion) {
            'booked' => "Booked: {$booking->service_name}, {$when}",
            'prove' => "Confirm your address, and it is booked: {$booking->service_name}, {$when}",
            'pending' => "Asked for: {$booking->service_name}, {$when}",
            'declined' => "Not booked: {$booking->service_name}, {$when}",
            'moved' => "Moved: {$booking->service_name}, now {$when}",
            'word' => "About your booking: {$booking->service_name}, {$when}",
            'cancelled' => "Cancelled: {$booking->service_name}, {$when}",
            'reminder' => "Tomorrow: {$booking->service_name}, {$when}",
            'paid_too_late' => "Not booked, and your money is on its way back: {$booking->service_name}",
            default => "{$booking->service_name}, {$when}",
        };
    }

    private function opening(OutboxEntry $entry, Booking $booking, string $when): string
    {
        $name = $booking->contact['name'] ?? '';
        if ($entry->audience !== 'client') {
            return match ($entry->occasion) {
                'cancelled' => "{$name} no longer comes. The time is free again.",
                'moved' => "{$name} now comes {$when}.",
                'pending' => "{$name} would like to come {$when}. The time is kept until you say yes or no on the Board.",
                'declined' => "{$name} was told that this time cannot be given.",
                default => "A new booking: {$name} comes {$when}.",
            };
        }

        $until = LocalTime::clock($booking->held_until ?? $booking->created_at, $booking->business()->firstOrFail());
        $hello = $this->isProven($booking) ? "Hello {$name}" : 'Hello';

        return match ($entry->occasion) {
            'booked' => "{$hello},\n\nyour time is booked.",
            'prove' => "{$hello},\n\nsomebody has asked for this time with your address. It is kept until {$until}; it is booked when you open the link below and say yes. If it was not you, leave it be: nothing is booked.",
            'pending' => "{$hello},\n\nyou have asked for this time. It is not booked yet: we look at it and write to you. The time is kept for you meanwhile.",
            'declined' => "{$hello},\n\nwe are sorry: this time cannot be given, so nothing is booked.",
            'moved' => "{$hello},\n\nyour booking has been moved: it is now {$when}.",
            'word' => "{$hello},\n\na word about your booking:",
            'reminder' => "{$hello},\n\nwe see you soon: {$when}.",
            'paid_too_late' => "{$hello},\n\nyour payment arrived after the time had been given to somebody else. Nothing is booked, and all of it goes back the way it came.",
            default => "{$hello},\n\nthis booking is cancelled.",
        };
    }

    /** @return list<string> */
    private function particulars(Booking $booking, string $when, string $audience): array
    {
        $location = $booking->place();
        $client = $booking->contact;
        $lines = [
            "  What:   {$booking->service_name}, {$booking->minutes} minutes",
            "  When:   {$when}",
            '  With:   '.$booking->staff()->get()->map(static fn (Member $member): string => $member->name)->implode(' and '),
            '  Where:  '.trim("{$location->name}, {$location->address}", ', '),
            ...($location->online && $location->meeting_link !== '' ? ["  Link:   {$location->meeting_link}"] : []),
        ];
        if ($booking->party > 1) {
            $lines[] = "  For:    {$booking->party} people";
        }
        foreach ($booking->lines as $line) {
            if ($line['kind'] === 'addOn') {
                $lines[] = '  And:    '.(($line['quantity'] ?? 1) > 1 ? "{$line['quantity']} × " : '').$line['label'];
            }
        }
        array_push($lines, ...$this->money($booking, $audience));
        if ($audience !== 'client' && $client !== null) {
            $lines[] = "  Client: {$client['name']}, {$client['email']}".($client['phone'] === '' ? '' : ", {$client['phone']}");
        }
        foreach ($audience !== 'client' || $this->isProven($booking) ? $booking->answers : [] as $answer) {
            $lines[] = "  {$answer['question']} {$answer['answer']}";
        }
        if ($booking->note !== '' && ($audience !== 'client' || $this->isProven($booking))) {
            $lines[] = "  Note:   {$booking->note}";
        }

        return $lines;
    }

    /** What somebody typed goes only to an address that is theirs, so that nobody writes to strangers through us. */
    private function isProven(Booking $booking): bool
    {
        return $booking->client?->proven_at !== null;
    }

    /** @return list<string> */
    private function money(Booking $booking, string $audience): array
    {
        $told = $this->told->of($booking, toClient: $audience === 'client');

        return [
            "  Price:  {$told['price']}",
            ...($told['money'] === [] ? [] : ['  Money:  '.implode(' ', $told['money'])]),
            ...($told['terms'] === '' ? [] : ["  Terms:  {$told['terms']}"]),
        ];
    }
}
