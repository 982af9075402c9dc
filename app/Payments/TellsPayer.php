<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\Refund;
use App\Models\Sale;

/** Tells whoever paid for a sale that money goes back. Within the transaction that gives it back. */
interface TellsPayer
{
    /** What came was not needed any more. */
    public function sentBack(Sale $sale, Payment $payment): void;

    /**
     * The house gives it back.
     *
     * @param  Refund  $refund the latest of what it goes back in
     * @param  string  $why in somebody's own words
     */
    public function refunded(Sale $sale, Refund $refund, string $why): void;
}
