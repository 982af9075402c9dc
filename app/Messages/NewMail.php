<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\Occasion;
use App\Models\Sale;
use App\Outbox\Recipient;
use App\Outbox\Sending;
use Carbon\CarbonImmutable;

/** A mail about a booking, or about a sale that has none, to be written into the outbox. */
final readonly class NewMail
{
    /** Told once, whatever comes after. */
    private const ONCE = [
        Occasion::Reminder,
        Occasion::Late,
        Occasion::Unanswered,
        Occasion::Prove,
        Occasion::LinkAgain,
        Occasion::OwnPage,
    ];

    /** What somebody at the desk sends. */
    private const BY_HAND = [Occasion::Word, Occasion::PayLink, Occasion::Receipt, Occasion::Invoice];

    /**
     * @param  array<string, string>  $content that the letter, or what undoes it, needs; "why" in somebody's own words
     * @param  string  $instance what it is about, where there may be several of the occasion
     * @param  CarbonImmutable|null  $due at the earliest; null: now
     */
    public function __construct(
        public Booking|Sale $about,
        public Occasion $occasion,
        public Recipient $recipient,
        public array $content = [],
        public string $instance = '',
        public ?CarbonImmutable $due = null,
    ) {
    }

    public function isToClient(): bool
    {
        return $this->recipient->audience === Audience::Client;
    }

    /** Under which its first sending is known. */
    public function key(): string
    {
        $whom = substr(hash('sha256', $this->recipient->address), 0, 12);
        $parts = [
            $this->occasion->value,
            $this->about->id,
            $this->about->calendar_sequence ?? 0,
            $this->recipient->audience->value,
            $whom,
            $this->instance,
        ];

        return rtrim(implode('-', $parts), '-');
    }

    public function sending(): Sending
    {
        return match (true) {
            in_array($this->occasion, self::BY_HAND, true) => Sending::ByHand,
            $this->instance !== '', in_array($this->occasion, self::ONCE, true) => Sending::Once,
            default => Sending::EachTime,
        };
    }
}
