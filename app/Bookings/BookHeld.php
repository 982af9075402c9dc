<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Occasion;
use App\Sales\SellBooking;
use YardBell\Core\Booking\State;

/**
 * What happens to a held time when nothing is left to pay or to prove first. Where one part of a visit is only asked
 * for, all of it is. Within the transaction that has locked them.
 */
final readonly class BookHeld
{
    public function __construct(
        private SellBooking $sell,
        private History $history,
        private LowerEarlier $lower,
        private Announcements $announcements,
    ) {
    }

    /** @param  non-empty-list<Booking>  $parts of a visit, or a booking alone */
    public function __invoke(array $parts): void
    {
        $sale = null;
        foreach ($parts as $part) {
            $part->sale_id ??= $sale;
            $sale = ($this->sell)($part, History::BY_CLIENT)->id;
        }
        $asks = array_filter($parts, self::mustBeApproved(...)) !== [];
        foreach ($parts as $part) {
            $this->history->become($part, $asks ? State::Pending : State::Confirmed, History::BY_CLIENT);
        }
        foreach ($asks ? [] : $parts as $part) { // what is only asked for makes nothing cheaper yet
            ($this->lower)($part, History::BY_CLIENT, told: true);
        }
        $this->announcements->ofAll($parts, $asks ? Occasion::Pending : Occasion::Booked);
    }

    public static function mustBeApproved(Booking $booking): bool
    {
        return $booking->service?->approval === true;
    }
}
