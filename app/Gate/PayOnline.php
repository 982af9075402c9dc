<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Booking;
use App\Models\Lock;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Payments\OpenPayment;
use App\Processor\Processor;
use App\Sales\Balance;
use App\Support\ClientLink;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** What is still due of a booking, paid by its client online: once, however often it is asked for. */
final readonly class PayOnline
{
    /** Terms under which nothing is paid online, unless somebody has sent a link to. */
    public function __construct(
        private ConnectionInterface $db,
        private OpenPayment $open,
        private Processor $processor,
        private ClientLink $links,
    ) {
    }

    /** Where the client asks for the page to pay on; null: nothing is to be paid there. */
    public function link(Booking $booking, Balance $balance): ?string
    {
        return $this->may($booking, $balance) ? "/b/{$booking->id}/pay?{$this->links->query($booking)}" : null;
    }

    /**
     * Asks for the page, or for the one that is there already.
     *
     * @return Payment|null null: nothing is due any more
     */
    public function ask(Booking $booking): ?Payment
    {
        return $this->db->transaction(function () use ($booking): ?Payment {
            $locked = Lock::on(Booking::query()->whereKey($booking->id))->firstOrFail();
            $sale = Lock::on(Sale::query()->whereKey($locked->sale_id))->first();
            if ($sale === null || ! $this->may($locked, Balance::of($locked))) {
                return null;
            }
            ($this->open)($locked, [$sale->owed()]);

            return $sale->payments()
                ->where('state', PaymentState::Open)
                ->where('amount', $sale->owed())
                ->first();
        }, attempts: 5);
    }

    /** Where it is paid; null while the page is not there yet. */
    public function page(Payment $payment): ?string
    {
        return $payment->checkout === null ? null : $this->processor->page($payment->checkout);
    }

    private function may(Booking $booking, Balance $balance): bool
    {
        return $booking->state !== State::Held &&
            $booking->sale_id !== null &&
            $balance->due > 0 &&
            $balance->charging === 0 &&
            ($booking->payment->isPaidOnline() || $this->wasSent($booking));
    }

    private function wasSent(Booking $booking): bool
    {
        return OutboxEntry::query()
            ->where('booking_id', $booking->id)
            ->where('occasion', Occasion::PayLink)
            ->exists();
    }
}
