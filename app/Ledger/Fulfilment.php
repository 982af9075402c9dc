<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;

/** What becomes of what was sold when its money comes. Said by the room that sells it. */
interface Fulfilment
{
    /**
     * Within the transaction that has marked the payment and locked all: it is given, or the money goes back.
     *
     * @param  non-empty-list<Booking>  $bookings of the payment's sale, in order of time
     */
    public function paid(array $bookings, Payment $payment): void;

    /**
     * Within the same transaction: what came was not needed any more, and some or all of it goes back.
     *
     * @param  list<Booking>  $bookings of the payment's sale, in order of time
     */
    public function sentBack(array $bookings, Payment $payment): void;

    /**
     * Within the transaction that gives it back: the house has refunded some or all of it, and its client is to hear.
     *
     * @param  list<Booking>  $bookings of the sale, in order of time
     * @param  string  $refund the latest of what it went back in
     */
    public function refunded(array $bookings, string $refund, string $why): void;
}
