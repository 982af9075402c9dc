<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use Carbon\CarbonImmutable;

/**
 * A visit that is booked is owed for, as it was quoted, and so is what those who take it are paid; one that is not
 * taken is owed no more. Within a transaction that has locked the booking.
 */
final readonly class SellBooking
{
    public function __construct(private OpenSale $open, private WriteLine $write, private Book $book)
    {
    }

    public function __invoke(Booking $booking, string $by, ?CarbonImmutable $at = null): Sale
    {
        $sale = ($this->open)($booking, $at);
        if (! $sale->wasRecentlyCreated && self::isOwedFor($booking)) {
            return $sale;
        }
        $line = new NewLine(
            SaleLineKind::Booking,
            $booking->service_name,
            $booking->price,
            $booking->taxes,
            booking: $booking->id,
            more: self::earned($booking, $sale),
        );
        ($this->write)($sale, $line, $by, $at);

        return $sale;
    }

    /**
     * It was booked, and is not to be taken any more.
     *
     * @param  Sale|null  $of its sale, where that is locked already
     */
    public function takeBack(Booking $booking, string $by, string $why = '', ?Sale $of = null): void
    {
        if (! self::isOwedFor($booking)) {
            return;
        }
        $sale = $of ?? ($this->open)($booking);
        $taxes = array_map(
            static fn (array $tax): array => [...$tax, 'net' => -$tax['net'], 'amount' => -$tax['amount']],
            $booking->taxes,
        );
        $line = new NewLine(
            kind: SaleLineKind::TakenOff,
            label: $booking->service_name,
            amount: -$booking->price,
            taxes: $taxes,
            why: $why,
            booking: $booking->id,
            more: self::paidBack($booking, $sale),
        );
        ($this->write)($sale, $line, $by);
    }

    /**
     * It is another visit than was sold: what was sold is taken back, and it is sold as it is now.
     *
     * @param  array<string, mixed>  $columns the price, its lines and what staff are paid
     */
    public function anew(Booking $booking, array $columns, string $by): void
    {
        $isOwed = self::isOwedFor($booking);
        if ($isOwed) {
            $this->takeBack($booking, $by);
        }
        $booking->update($columns);
        if ($isOwed) {
            ($this)($booking, $by);
        }
    }

    /**
     * Others take it than those it was sold with: they are paid for it instead.
     *
     * @param  array<string, int>  $pay by member
     */
    public function payInstead(Booking $booking, array $pay, string $by): void
    {
        $booking->update(['staff_pay' => $pay]);
        if (self::isOwedFor($booking)) {
            $sale = ($this->open)($booking);
            $postings = [...self::paidBack($booking, $sale), ...self::earned($booking, $sale)];
            $this->book->write($booking->business, $postings, $by);
        }
    }

    /** @return list<Posting> */
    private static function earned(Booking $booking, Sale $sale): array
    {
        $pay = [];
        foreach ($booking->staff_pay as $member => $amount) {
            $pay[] = self::pay($booking, $sale, (string) $member, $amount);
        }

        return $pay;
    }

    /** @return list<Posting> what has been earned with it is not any more */
    private static function paidBack(Booking $booking, Sale $sale): array
    {
        $pay = [];
        $earned = BookEntry::query()
            ->where('booking_id', $booking->id)
            ->where('account', Account::StaffPay)
            ->get()
            ->groupBy('staff_id');
        foreach ($earned as $member => $entries) {
            $amount = array_sum($entries->map(static fn (BookEntry $entry): int => $entry->amount)->all());
            $pay[] = self::pay($booking, $sale, (string) $member, $amount);
        }

        return $pay;
    }

    private static function isOwedFor(Booking $booking): bool
    {
        if ($booking->sale_id === null) {
            return false;
        }
        $lines = SaleLine::query()
            ->where('business_id', $booking->business_id)
            ->where('sale_id', $booking->sale_id)
            ->where('booking_id', $booking->id)
            ->whereIn('kind', [SaleLineKind::Booking, SaleLineKind::TakenOff])
            ->get(['kind'])
            ->countBy(static fn (SaleLine $line): string => $line->kind->value);

        return ($lines['visit'] ?? 0) > ($lines['off'] ?? 0);
    }

    /** Below zero: it is taken back. */
    private static function pay(Booking $booking, Sale $sale, string $member, int $amount): Posting
    {
        return new Posting(
            about: Movement::Pay,
            to: Account::PayCost,
            from: Account::StaffPay,
            amount: $amount,
            sale: $sale,
            booking: $booking->id,
            staff: $member,
        );
    }
}
