<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Price\Tariff;

/** What a `yardbell/1` document says. */
final readonly class Scenario
{
    /**
     * @param  list<string>  $bookingIds of all bookings, those of sessions too, in the document's order
     * @param  array<string, string>  $clients names by id
     * @param  array<string, array<string, array<string, mixed>>>  $prices what part 3 of the rules says, as it was
     *   given: by
     *                                                                      list ("services"), id and key; of the
     * business under ""
     * @param  array<string, Tariff>  $tariffs what each service costs, by its id
     */
    public function __construct(
        public RuleBook $book,
        public Diary $diary,
        public array $bookingIds = [],
        public string $name = '',
        public string $currency = '',
        public array $clients = [],
        public array $prices = [],
        public array $tariffs = [],
    ) {
    }
}
