<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

/** The life of a booking (rules, part 5). */
enum State: string
{
    case Held = 'held';
    case Pending = 'pending';
    case Confirmed = 'confirmed';
    case Arrived = 'arrived';
    case Started = 'started';
    case Completed = 'completed';
    case NoShow = 'no_show';
    case Cancelled = 'cancelled';
    case Declined = 'declined';
    case Expired = 'expired';

    /** What is over, and takes no time of anybody's. */
    public const OVER = [self::Cancelled, self::Declined, self::Expired];

    /** The same, and those who did not come: nothing is owed of it but a fee. */
    public const NOT_TAKEN = [...self::OVER, self::NoShow];

    public function isOver(): bool
    {
        return in_array($this, self::OVER, true);
    }

    /** T8: whether a booking in this state holds its time at $now (instants in minutes). */
    public function holdsTime(?int $heldUntil, int $now): bool
    {
        return match ($this) {
            self::Held => $heldUntil !== null && $heldUntil > $now,
            default => ! $this->isOver(),
        };
    }

    /** @return list<self> what may follow */
    public function next(): array
    {
        return match ($this) {
            self::Held => [self::Pending, self::Confirmed, self::Expired, self::Cancelled],
            self::Pending => [self::Confirmed, self::Declined, self::Cancelled, self::Expired],
            // pending again where its client has moved it, and the business says yes or no to each time
            self::Confirmed => [
                self::Arrived, self::Started, self::Completed, self::NoShow, self::Cancelled, self::Pending,
            ],
            self::Arrived => [self::Started, self::Completed, self::NoShow, self::Cancelled],
            self::Started => [self::Completed],
            self::Expired => [self::Held], // taken again, where nobody else has it
            self::Completed, self::NoShow, self::Cancelled, self::Declined => [],
        };
    }

    /**
     * Whether it may be again what it was: what was pressed on the day of the visit is undone as easily, and a
     * cancelling is taken back.
     */
    public function mayReturnTo(self $state): bool
    {
        $from = match ($this) {
            self::Arrived, self::Started, self::Completed, self::NoShow => [
                self::Confirmed, self::Arrived, self::Started,
            ],
            self::Cancelled => [self::Pending, self::Confirmed, self::Arrived],
            default => [],
        };

        return in_array($state, $from, true) && $state->mayBecome($this);
    }

    public function mayBecome(self $state): bool
    {
        return in_array($state, $this->next(), true);
    }
}
