<?php

declare(strict_types=1);

namespace App\Processor;

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
     * What became of a refund that was not decided.
     *
     * @return bool|null true: done; false: refused; null: still not decided
     *
     * @throws ProcessorUnreachable
     */
    public function refunded(string $key, string $checkout): ?bool;

    /**
     * @param  string  $after the id of the last one that is known; empty: from the first
     * @return list<ProcessorPayout> the next ones, in their order
     *
     * @throws ProcessorUnreachable
     */
    public function payouts(string $after): array;

    /**
     * Charges an amount to a kept card.
     *
     * @throws ProcessorUnreachable
     * @throws ChargeRefused
     */
    public function charge(string $key, string $checkout, int $amount): void;

    /** Where a client pays. */
    public function page(string $checkout): string;

    /** Whether a notice was written by the processor, and just now: $seal is what came with the body. */
    public function sealed(string $body, string $seal): bool;
}
