<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\Booking;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\Sale;
use Carbon\CarbonImmutable;

/** Something to be written into the outbox. */
final readonly class NewEntry
{
    /**
     * @param  string  $key names what is sent; its later sendings are numbered
     * @param  array<string, mixed>  $content what the channel needs
     * @param  Booking|Sale|null  $about null: it is about an account, of no business
     * @param  CarbonImmutable|null  $due null: now
     * @param  bool  $isDropped it is not sent, and kept to be seen
     */
    public function __construct(
        public string $key,
        public ChannelName $channel,
        public Occasion $occasion,
        public Recipient $recipient,
        public array $content = [],
        public Booking|Sale|null $about = null,
        public ?CarbonImmutable $due = null,
        public bool $isDropped = false,
    ) {
    }
}
