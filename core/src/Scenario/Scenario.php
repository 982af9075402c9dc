<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Booking\WaitlistEntry;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

/** What a `yardbell/1` document says. */
final readonly class Scenario
{
    /**
     * @param  list<string>  $bookingIds of all bookings, those of sessions too, in the document's order
     * @param  array<string, string>  $clients names by id
     * @param  PriceList  $prices what the business charges beside its services' own prices
     * @param  array<string, Tariff>  $tariffs what each service costs, by its id
     * @param  list<WaitlistEntry>  $waitlist in the document's order
     */
    public function __construct(
        public RuleBook $book,
        public Diary $diary,
        public array $bookingIds = [],
        public string $name = '',
        public string $currency = '',
        public array $clients = [],
        public PriceList $prices = new PriceList(),
        public array $tariffs = [],
        public array $waitlist = [],
    ) {
    }
}
