<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Support\Clock;
use App\Support\TooMany;
use App\Times\TimeTaken;
use App\Times\Wish;
use Throwable;
use YardBell\Core\Booking\State;

/** Keeps several times for somebody, or none of them: the dates of a repeat, the parts of a visit. */
final readonly class HoldTogether
{
    public function __construct(
        private HoldTime $hold,
        private RenewHold $renew,
        private History $history,
        private Clock $clock,
    ) {
    }

    /**
     * @param  non-empty-list<Wish>  $wishes
     * @return non-empty-list<Booking>
     *
     * @throws TimeTaken|TooMany
     */
    public function __invoke(
        Business $business,
        array $wishes,
        ?Visitor $visitor = null,
        string $by = History::BY_CLIENT,
    ): array {
        $held = [];
        try {
            foreach ($wishes as $wish) {
                $held[] = $one = ($this->hold)($business, $wish, $visitor, $by);
                $one->update($wish->override->columns());
            }
        } catch (Throwable $wrong) {
            $this->letGo($held, $by);
            throw $wrong;
        }

        return $held;
    }

    /**
     * No time is kept for nothing.
     *
     * @param  list<Booking>  $held
     */
    public function letGo(array $held, string $by): void
    {
        foreach ($held as $one) {
            if ($one->refresh()->state === State::Held) {
                $this->history->become($one, State::Expired, $by);
            }
        }
    }

    /**
     * Locked, held still, and with the id that they share: a visit is one order, before it is asked what it costs.
     *
     * @param  non-empty-list<Booking>  $held
     * @param  array<string, string>  $shared
     * @return non-empty-list<Booking>
     */
    public function locked(Business $business, array $held, array $shared): array
    {
        return array_map(function (Booking $one) use ($business, $shared): Booking {
            $own = Booking::query()->where('business_id', $business->id)->whereKey($one->id);
            $booking = Lock::on($own)->firstOrFail();
            if ($booking->state !== State::Held || $booking->held_until <= $this->clock->now()) {
                ($this->renew)($booking, $business, $this->clock->minute() + 1); // its hold has run out meanwhile
            }
            $booking->update($shared);

            return $booking;
        }, $held);
    }
}
