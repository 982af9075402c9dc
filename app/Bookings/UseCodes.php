<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client as ClientRow;
use App\Models\Lock;
use App\Models\Sale;
use App\Models\SaleLineKind;
use App\Models\Service;
use App\Prices\CodeUses;
use App\Sales\NewLine;
use App\Sales\SaleTaxes;
use App\Sales\WriteLine;
use App\Support\Clock;
use App\Support\Column;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\CodeUse;
use YardBell\Core\Price\Quote;

/** A held time is sold for less by codes (rules.md P7), until it is booked or its payment has begun. */
final readonly class UseCodes
{
    public function __construct(
        private ConnectionInterface $db,
        private BookingQuote $quote,
        private CodeUses $uses,
        private WriteLine $write,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<string>  $codes as they were typed, in place of any before
     * @return list<CodeUse> of a visit: applied where one of its parts is sold for less
     *
     * @throws Refusal once it is no longer held
     */
    public function __invoke(Business $business, string $id, array $codes): array
    {
        return $this->db->transaction(function () use ($business, $id, $codes): array {
            $parts = VisitParts::locked($business->id, $id);
            foreach ($parts as $part) {
                $isHeld = $part->state === State::Held && $part->held_until > $this->clock->now();
                if (! $isHeld || $part->client_id !== null) {
                    throw new Refusal(new Sentence('refusal.held.gone'), 409, 'not_held');
                }
            }

            return $this->sellFor($business, $parts, $codes);
        }, attempts: 5);
    }

    /**
     * Sells what is held for what it costs with these codes, as one order. Within a transaction.
     *
     * @param  non-empty-list<Booking>  $parts of a visit, or a booking alone
     * @param  list<string>  $codes
     * @return list<CodeUse>
     */
    public function sellFor(Business $business, array $parts, array $codes): array
    {
        $quotes = $this->quote->ofAll($business, $parts, $codes, $parts[0]->priced_for);
        foreach ($parts as $i => $part) {
            $part->update(QuoteColumns::columns($quotes[$i], Service::known($part->business_id, $part->service_id)));
            $this->uses->put($part, $quotes[$i]->codes);
        }

        return self::ofOrder($quotes);
    }

    /**
     * @param  list<Quote>  $quotes of one order
     * @return list<CodeUse> applied where something of it is sold for less
     */
    private static function ofOrder(array $quotes): array
    {
        $uses = [];
        foreach ($quotes as $quote) {
            foreach ($quote->codes as $i => $use) {
                $uses[$i] = $use->isApplied() ? $use : ($uses[$i] ?? $use);
            }
        }

        return array_values($uses);
    }

    /**
     * What depends on who comes, once that is known: within the transaction that books.
     *
     * @throws Refusal that says which code is not for them
     */
    public function check(Business $business, Booking $booking, ClientRow $client): void
    {
        $codes = CodeUses::soldWith($booking);
        foreach ($codes === [] ? [] : $this->quote->of($business, $booking, $codes, $client->id)->codes as $use) {
            if (! $use->isApplied()) {
                throw new CodeGone($use->named, $use->reason->value ?? '');
            }
        }
    }

    /**
     * What times cost with the codes that somebody of the house names for a client; their uses are counted. Within the
     * transaction that books.
     *
     * @param  non-empty-list<Booking>  $bookings one order: the parts of a visit, or a booking alone
     * @param  list<string>  $codes
     * @return list<Quote> of each
     *
     * @throws ValidationException that says why one of them does not count
     */
    public function named(Business $business, array $bookings, array $codes, ?ClientRow $client): array
    {
        $quotes = $this->quote->ofAll($business, $bookings, $codes, $client?->id);
        foreach ($bookings as $i => $booking) {
            $this->uses->put($booking, $quotes[$i]->codes);
        }
        foreach (self::ofOrder($quotes) as $use) {
            if ($use->reason !== null) {
                throw ValidationException::withMessages(['codes' => "refusal.code.{$use->reason->value}"]);
            }
        }

        return $quotes;
    }

    /**
     * A code that is named once it is booked: what it takes off today becomes a line of the sale, and its use is
     * counted.
     *
     * @param  string  $by whoever takes it down
     *
     * @throws ValidationException that says why it does not count
     */
    public function afterwards(Business $business, string $id, string $code, string $by): Sale
    {
        return $this->db->transaction(function () use ($business, $id, $code, $by): Sale {
            $booking = Lock::on(Booking::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            $sale = Lock::on(Sale::query()->whereKey($booking->sale_id))->first();
            if ($sale === null || ! $booking->state->holdsTime(null, 0)) {
                throw new Refusal(new Sentence('refusal.sale.not_booked'), 409, 'too_late');
            }
            $later = $sale->lines->where('kind', SaleLineKind::Code)->pluck('label');
            $named = [...CodeUses::soldWith($booking), ...Column::strings($later)];
            $with = $this->quote->of($business, $booking, [...$named, $code], $booking->client_id);
            $use = $with->codes[count($with->codes) - 1];
            $off = $this->quote->of($business, $booking, $named, $booking->client_id)->total - $with->total;
            if ($use->reason !== null || $off <= 0) {
                $why = $use->reason === null ? 'refusal.code.nothing' : "refusal.code.{$use->reason->value}";
                throw ValidationException::withMessages(['code' => $why]);
            }
            $taxes = SaleTaxes::part($sale, -$off);
            $label = $use->code->code ?? $code;
            $line = new NewLine(SaleLineKind::Code, $label, -$off, $taxes, booking: $booking->id);
            ($this->write)($sale, $line, $by);
            $this->uses->put($booking, $with->codes);

            return $sale;
        }, attempts: 5);
    }
}
