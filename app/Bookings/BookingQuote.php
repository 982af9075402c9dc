<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client as ClientRow;
use App\Prices\BookedItem;
use App\Prices\BookedPrices;
use App\Prices\CodeUses;
use App\Prices\Tariffs;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Price\LineKind;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;

/**
 * What a booking costs by the prices it was made under, for whom it is: with their own prices, their other visits and
 * the codes named.
 */
final readonly class BookingQuote
{
    public function __construct(
        private BookedPrices $booked,
        private CodeUses $uses,
        private BookedItem $visit,
        private ClientPrices $prices,
    ) {
    }

    /**
     * The parts of a visit are one order: what another part takes of a code's amount is taken.
     *
     * @param  list<string>  $codes as they were typed
     * @param  string|null  $client null: nobody is known yet
     * @param  array<string, int>|null  $codesUsed what others of the order have taken, by code; null: as they were sold
     */
    public function of(
        Business $business,
        Booking $booking,
        array $codes,
        ?string $client,
        ?array $codesUsed = null,
    ): Quote {
        [$tariff, $list] = $this->booked->of($business, $booking);

        return Tariffs::quote(
            new Quoting($list->withCodes($this->uses->counted($business, $booking, $codes)), $business->zone()),
            $tariff,
            $this->visit->of($booking),
            $this->prices->order(
                business: $business,
                list: $list,
                client: $client,
                booking: $booking,
                codes: $codes,
                codesUsed: $codesUsed ?? self::taken(VisitParts::othersNotOver($booking)),
            ),
        );
    }

    /**
     * The parts of a visit, in their order.
     *
     * @param  list<Booking>  $parts or a booking alone
     * @param  list<string>  $codes as they were typed
     * @param  string|null  $client null: nobody is known yet
     * @return list<Quote> of each of them
     */
    public function ofAll(Business $business, array $parts, array $codes, ?string $client): array
    {
        [$quotes, $taken] = [[], []];
        foreach ($parts as $part) {
            $quotes[] = $quote = $this->of(
                business: $business,
                booking: $part,
                codes: $codes,
                client: $client,
                codesUsed: $taken,
            );
            foreach ($quote->lines as $line) {
                if ($line->kind === LineKind::Code) {
                    $taken[(string) $line->id] = ($taken[(string) $line->id] ?? 0) - $line->amount;
                }
            }
        }

        return $quotes;
    }

    /**
     * @param  list<Booking>  $bookings
     * @return array<string, int> by code
     */
    private static function taken(array $bookings): array
    {
        $taken = [];
        foreach ($bookings as $booking) {
            foreach ($booking->lines as $line) {
                if ($line['kind'] === LineKind::Code->value && isset($line['id'])) {
                    $taken[$line['id']] = ($taken[$line['id']] ?? 0) - $line['amount'];
                }
            }
        }

        return $taken;
    }

    /**
     * Whoever comes by a link of their own has their own prices, and nobody else has them.
     *
     * @param  ClientRow  $client by the address that was typed
     *
     * @throws ValidationException at the address
     */
    public function checkWhose(Business $business, Booking $booking, ClientRow $client): void
    {
        if ($booking->priced_for === null || $booking->priced_for === $client->id) {
            return;
        }
        $codes = CodeUses::soldWith($booking);
        $theirs = $this->of($business, $booking, $codes, $booking->priced_for)->total;
        if ($theirs !== $this->of($business, $booking, $codes, null)->total) {
            throw ValidationException::withMessages(['email' => 'wrong.details.own_prices']);
        }
    }
}
