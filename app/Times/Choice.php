<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Booking;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;

/**
 * What somebody chooses before a time: a service, and with whom, for how many, how long, where and with what where they
 * care.
 */
final readonly class Choice
{
    /**
     * @param  string|null  $member null: anyone
     * @param  int|null  $minutes null: the service's own length (rules.md T17)
     * @param  string|null  $location null: whichever comes first
     * @param  array<string, int>  $addOns quantity by id
     * @param  int  $extra minutes that the add-ons add
     */
    public function __construct(
        public string $service,
        public ?string $member = null,
        public int $party = 1,
        public ?int $minutes = null,
        public ?string $location = null,
        public array $addOns = [],
        public int $extra = 0,
    ) {
    }

    /** What is booked, or held, as it was chosen. */
    public static function of(Booking $booking): self
    {
        $inSession = $booking->session_id !== null;

        return new self(
            service: $booking->service_id,
            member: $booking->staff_ids[0] ?? null,
            party: $booking->party,
            minutes: $inSession ? null : $booking->minutes - $booking->extra_minutes,
            location: $booking->location_id,
            extra: $inSession ? 0 : $booking->extra_minutes,
        );
    }

    /** The same, so long. */
    public function lasting(int $minutes): self
    {
        return new self(
            service: $this->service,
            member: $this->member,
            party: $this->party,
            minutes: $minutes,
            location: $this->location,
            addOns: $this->addOns,
            extra: $this->extra,
        );
    }

    /** The same with nothing added. */
    public function bare(): self
    {
        return new self(
            service: $this->service,
            member: $this->member,
            party: $this->party,
            minutes: $this->minutes,
            location: $this->location,
        );
    }

    /** The same for so many. */
    public function for(int $party): self
    {
        return new self(
            service: $this->service,
            member: $this->member,
            party: $party,
            minutes: $this->minutes,
            location: $this->location,
            addOns: $this->addOns,
            extra: $this->extra,
        );
    }

    /** The same with somebody, or with anyone. */
    public function with(?string $member): self
    {
        return new self(
            service: $this->service,
            member: $member,
            party: $this->party,
            minutes: $this->minutes,
            location: $this->location,
            addOns: $this->addOns,
            extra: $this->extra,
        );
    }

    /** The same at a place. */
    public function placed(string $location): self
    {
        return new self(
            service: $this->service,
            member: $this->member,
            party: $this->party,
            minutes: $this->minutes,
            location: $location,
            addOns: $this->addOns,
            extra: $this->extra,
        );
    }

    public function during(int $fromDay, int $toDay, int $now, Relaxed $relaxed = new Relaxed()): Ask
    {
        return new Ask(
            service: $this->service,
            fromDay: $fromDay,
            toDay: $toDay,
            now: $now,
            minutes: $this->minutes,
            extra: $this->extra,
            party: $this->party,
            staff: $this->member,
            location: $this->location,
            relaxed: $relaxed,
        );
    }
}
