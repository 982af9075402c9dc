<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Payments\Fulfilment;
use App\Payments\ReturnMoney;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Column;
use App\Support\Refusal;
use App\Times\TimeTaken;
use YardBell\Core\Booking\State;

/** The money for a held time has come: it is booked, if it can be had still; otherwise all of it goes back. */
final readonly class BookPaid implements Fulfilment
{
    public function __construct(
        private RenewHold $renew,
        private CheckBuyer $check,
        private BookHeld $book,
        private History $history,
        private ReturnMoney $return,
        private Announcements $announcements,
        private ClientLink $links,
        private Clock $clock,
    ) {
    }

    public function kind(): SaleLineKind
    {
        return SaleLineKind::Booking;
    }

    public function lock(string $saleId): void
    {
        Lock::on(Booking::query()->where('sale_id', $saleId)->orderBy('id'));
    }

    public function isAskedFor(Sale $sale): bool
    {
        return $sale->bookings()->exists();
    }

    public function paid(Sale $sale, Payment $payment): void
    {
        /** @var non-empty-list<Booking> $bookings */
        $bookings = array_values($sale->bookings()->get()->all());
        $waits = self::waits($payment);
        try {
            $this->holdAll(
                $bookings,
                $this->clock->minute() + ($waits ? config()->integer('yardbell.payment_minutes') : 1),
            );
            if (! $waits) {
                ($this->book)($bookings);
            }
        } catch (TimeTaken|Refusal $refused) {
            $this->giveUp($bookings, $payment, $refused instanceof CodeGone);
        }
    }

    /** All of a visit is paid at once. */
    public function names(Sale $sale): array
    {
        return Column::strings($sale->bookings()->pluck('service_name'));
    }

    public function page(Sale $sale): string
    {
        return $this->links->back($sale->bookings()->firstOrFail());
    }

    /** @param  non-empty-list<Booking>  $bookings */
    private function holdAll(array $bookings, int $until): void
    {
        $business = Business::query()->findOrFail($bookings[0]->business_id);
        foreach ($bookings as $booking) {
            ($this->renew)($booking, $business, $until);
        }
        $this->check->ofCodes($business, $bookings); // a use ended with its hold, and may be somebody else's by now
    }

    /** Whether something else was asked for beside it, and has not come yet: a card to be kept. */
    private static function waits(Payment $payment): bool
    {
        $amounts = static fn (array $states): array => Payment::query()
            ->where('sale_id', $payment->sale_id)
            ->whereIn('state', $states)
            ->pluck('amount')
            ->all();

        return array_diff(
            $amounts(PaymentState::ASKED_FOR),
            $amounts([PaymentState::Paid, PaymentState::Kept]),
        ) !== [];
    }

    /** @param  non-empty-list<Booking>  $bookings */
    private function giveUp(array $bookings, Payment $payment, bool $isCodeGone): void
    {
        $why = $isCodeGone ? 'history.code_gone' : 'history.paid_too_late';
        foreach ($bookings as $booking) {
            if ($booking->state === State::Held) {
                $this->history->become($booking, State::Expired, History::BY_CLOCK, $why);
            }
        }
        $this->return->overpaid($payment->sale()->firstOrFail(), History::BY_CLOCK);
        $this->announcements->ofAll($bookings, $isCodeGone ? Occasion::CodeGone : Occasion::PaidTooLate);
    }
}
