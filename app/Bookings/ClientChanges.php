<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Prices\Contents\CancellationContent;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\VisitChoice;
use YardBell\Core\Availability\VisitAsk;
use YardBell\Core\Booking\State;

/**
 * What a client may still change of a booking by themselves. Moving it, or coming with fewer, would get round what
 * cancelling costs by then: so it ends where cancelling ceases to be free.
 */
final readonly class ClientChanges
{
    private const STANDING = [State::Pending, State::Confirmed];

    public function __construct(private Clock $clock)
    {
    }

    /** It has not begun: answers and notes can be changed, and more can come. */
    public function mayChange(Booking $booking): bool
    {
        return in_array($booking->state, self::STANDING, true) && $booking->starts_at > $this->clock->now();
    }

    /** @throws Refusal */
    public function check(Booking $booking): void
    {
        if (! $this->mayChange($booking)) {
            throw new Refusal(new Sentence('refusal.booking.not_changed'), 409, 'too_late');
        }
    }

    /** It can be moved, or fewer can come. */
    public function isFree(Booking $booking): bool
    {
        $terms = CancellationContent::kept($booking->cancellation)?->toCore();
        $start = Instants::minute($booking->starts_at);

        return $booking->state === State::Pending ||
            $terms === null ||
            $terms->cost($booking->price, $start, $this->clock->minute()) === 0;
    }

    /** @throws Refusal */
    public function checkFree(Booking $booking): void
    {
        $this->check($booking);
        if (! $this->isFree($booking)) {
            throw new Refusal(new Sentence('refusal.booking.change_costs'), 409, 'too_late');
        }
    }

    public function mayMove(Booking $booking): bool
    {
        return $this->mayChange($booking) && $this->isFree($booking);
    }

    /**
     * Whether all of a visit can be moved at once: not where its parts have been moved far apart.
     *
     * @param  non-empty-list<Booking>  $parts that stand, in order of time
     */
    public function mayMoveTogether(array $parts): bool
    {
        return array_filter($parts, $this->mayMove(...)) === $parts &&
            (count($parts) === 1 || VisitChoice::of($parts)->maxWait <= VisitAsk::LONGEST_WAIT);
    }

    /**
     * @param  non-empty-list<Booking>  $parts
     *
     * @throws Refusal
     */
    public function checkMove(array $parts): void
    {
        array_map($this->checkFree(...), $parts);
        if (! $this->mayMoveTogether($parts)) {
            throw new Refusal(new Sentence('refusal.booking.parts_apart'), 409, 'too_late');
        }
    }
}
