<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;

/** What becomes of what was sold when its money comes. Said by the room that sells it. */
interface Fulfilment
{
    /** Within the transaction that has marked the payment and locked both: it is given, or the money goes back. */
    public function paid(Booking $booking, Payment $payment): void;
}
