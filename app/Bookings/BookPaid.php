<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Ledger\Fulfilment;
use App\Ledger\ReturnMoney;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Occasion;
use App\Models\Payment;
use App\Support\Clock;
use App\Support\Refusal;
use YardBell\Core\Booking\State;

/** The money for a held time has come: it is booked, if it can be had still; otherwise all of it goes back. */
final readonly class BookPaid implements Fulfilment
{
    public function __construct(
        private HoldTime $hold,
        private ConfirmBooking $confirm,
        private CancelBooking $cancel,
        private ReturnMoney $return,
        private Announcements $announcements,
        private Clock $clock,
    ) {
    }

    public function paid(Booking $booking, Payment $payment): void
    {
        try {
            $this->hold->again(
                $booking,
                Business::query()->findOrFail($booking->business_id),
                $this->clock->minute() + 1,
            );
            $this->confirm->book($booking);
        } catch (TimeTaken|Refusal) {
            if ($booking->state === State::Held) {
                ($this->cancel)($booking->business_id, $booking->id, History::BY_CLOCK, 'history.paid_too_late');
            } else {
                $this->return->overpaid($payment->sale()->firstOrFail(), History::BY_CLOCK);
            }
            $this->announcements->of($booking, Occasion::PaidTooLate);
        }
    }
}
