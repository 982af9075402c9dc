<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Ledger\CancellationCost;
use App\Ledger\ReturnMoney;
use App\Models\Booking;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * Somebody did not come. By the terms the visit is owed no more, but for what not coming costs (rules.md L4); without
 * terms nothing was agreed, and what is owed and paid stays as it is.
 */
final readonly class MissBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private ReturnMoney $return,
        private Clock $clock,
    ) {
    }

    public static function may(Booking $booking, Clock $clock): bool
    {
        return $booking->state->mayBecome(State::NoShow) && $booking->starts_at <= $clock->now();
    }

    public function __invoke(int $businessId, string $id, string $by): Booking
    {
        return $this->db->transaction(function () use ($businessId, $id, $by): Booking {
            $booking = Booking::query()->where('business_id', $businessId)->lockForUpdate()->findOrFail($id);
            if ($booking->state === State::NoShow) {
                return $booking; // pressed twice
            }
            if (! self::may($booking, $this->clock)) {
                throw new Refusal(new Sentence('refusal.booking.not_missed'), 409, 'too_late');
            }
            $fee = CancellationCost::ofMissing($booking);
            $this->history->become($booking, State::NoShow, $by);
            if ($fee !== null) {
                $this->return->less($fee, $booking, $by);
            }

            return $booking;
        }, attempts: 5);
    }
}
