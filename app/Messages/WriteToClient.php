<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Outbox\Recipient;
use App\Support\Clock;

/** What somebody asks to have mailed to a client: a word, the way back to a booking. */
final readonly class WriteToClient
{
    public function __construct(private WriteMail $write, private Clock $clock)
    {
    }

    /** About their booking, in somebody's own words. */
    public function word(Booking $booking, string $text): void
    {
        $this->mail($booking, Occasion::Word, substr(hash('sha256', $text), 0, 12), ['why' => $text]);
    }

    /** A new link to a booking, to the address it was booked with: once a day, until it is made void again. */
    public function link(Booking $booking): void
    {
        $this->mail($booking, Occasion::LinkAgain, "{$this->clock->now()->format('Ymd')}-{$booking->link_version}");
    }

    /**
     * The way to a client's own page, at most once an hour.
     *
     * @param  Booking  $booking any of theirs
     */
    public function ownPage(Booking $booking, string $address): void
    {
        $to = new Recipient(Audience::Client, $address);
        ($this->write)(new NewMail($booking, Occasion::OwnPage, $to, instance: $this->clock->now()->format('YmdH')));
    }

    /** @param  array<string, string>  $content */
    private function mail(Booking $booking, Occasion $occasion, string $instance, array $content = []): void
    {
        $to = new Recipient(Audience::Client, $booking->email());
        ($this->write)(new NewMail(
            about: $booking,
            occasion: $occasion,
            recipient: $to,
            content: $content,
            instance: $instance,
        ));
    }
}
