<?php

declare(strict_types=1);

namespace App\Ledger;

/** A payment processor with a payment page of its own. Every call may be repeated with the same key and is done once. */
interface Processor
{
    /**
     * @param  string  $key makes a second call give the first one's checkout
     * @param  int  $amount in the currency's minor unit
     *
     * @throws ProcessorUnreachable
     */
    public function open(string $key, int $amount, string $currency, string $description, string $returnUrl): Checkout;

    /** @throws ProcessorUnreachable */
    public function find(string $checkout): Checkout;

    /**
     * Pays everything back.
     *
     * @throws ProcessorUnreachable
     * @throws RefundRefused
     */
    public function refund(string $key, string $checkout): void;

    /** Where a client pays. */
    public function page(string $checkout): string;

    /** Whether a notice was written by the processor: $seal is what came with the body. */
    public function sealed(string $body, string $seal): bool;
}
