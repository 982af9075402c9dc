<?php

declare(strict_types=1);

namespace App\Ledger;

/**
 * A payment processor with a payment page of its own. Every call may be repeated with the same key and is done once.
 */
interface Processor
{
    /**
     * @param  string  $key makes a second call give the first one's checkout
     * @param  int  $amount in the currency's minor unit
     * @param  bool  $keepsCard whether the card is kept for a later charge, and nothing is paid now
     *
     * @throws ProcessorUnreachable
     */
    public function open(
        string $key,
        int $amount,
        string $currency,
        string $description,
        string $returnUrl,
        bool $keepsCard = false,
    ): Checkout;

    /** @throws ProcessorUnreachable */
    public function find(string $checkout): Checkout;

    /**
     * Pays an amount back, at most what was paid.
     *
     * @return bool false: it is not decided yet, and asked for again with the same key
     *
     * @throws ProcessorUnreachable
     * @throws RefundRefused
     */
    public function refund(string $key, string $checkout, int $amount): bool;

    /**
     * Charges an amount to a kept card.
     *
     * @throws ProcessorUnreachable
     * @throws ChargeRefused
     */
    public function charge(string $key, string $checkout, int $amount): void;

    /** Where a client pays. */
    public function page(string $checkout): string;

    /** Whether a notice was written by the processor: $seal is what came with the body. */
    public function sealed(string $body, string $seal): bool;
}
