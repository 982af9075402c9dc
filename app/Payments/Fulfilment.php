<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\Sale;
use App\Models\SaleLineKind;

/** What becomes of one kind of thing that is sold once it is paid. Said by the room that sells it. */
interface Fulfilment
{
    /** Of the lines that it sells: a sale that has one is not waiting for its money any more. */
    public function kind(): SaleLineKind;

    /** Locks what was asked for with a sale. Everybody locks it before the sale; within the transaction. */
    public function lock(string $saleId): void;

    /** Whether something of this kind was asked for with the sale. */
    public function isAskedFor(Sale $sale): bool;

    /** Within the transaction that has locked all and marked the payment: it is sold, or the money goes back. */
    public function paid(Sale $sale, Payment $payment): void;

    /** @return list<string> what is paid for, by its names */
    public function names(Sale $sale): array;

    /** Where whoever has paid goes on. */
    public function page(Sale $sale): string;
}
