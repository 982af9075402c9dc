<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** All that decides what a business charges beside its services' own prices. */
final readonly class PriceList
{
    /**
     * @param  array<string, Surcharge>  $surcharges by id, in the business's order
     * @param  array<string, OfferCode>  $codes by id
     * @param  array<string, array<string, int|Percent>>  $staffRates own pay by member and service (rules.md P11)
     * @param  array<string, array<string, int>>  $clientRates own price by client and service (rules.md P1)
     */
    public function __construct(
        public Taxes $taxes = new Taxes(),
        public array $surcharges = [],
        public array $codes = [],
        public array $staffRates = [],
        public array $clientRates = [],
    ) {
    }

    /** @param  array<string, OfferCode>  $codes by id */
    public function withCodes(array $codes): self
    {
        return new self(
            taxes: $this->taxes,
            surcharges: $this->surcharges,
            codes: $codes,
            staffRates: $this->staffRates,
            clientRates: $this->clientRates,
        );
    }
}
