<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;
use stdClass;

/** What the book says of a sale, in sums: all that Balance needs to know. Amounts are in the minor unit. */
final readonly class SaleSums
{
    /** Entries that say what is owed. */
    public const OWED = [
        Movement::Sold,
        Movement::TakenBack,
        Movement::Fee,
        Movement::Added,
        Movement::Less,
        Movement::Waived,
    ];

    /** Entries that say what came in. */
    public const CAME = [Movement::Paid, Movement::Undone];

    /** What stands on a sale's row of them. */
    public const COLUMNS = ['sales.sold', 'sales.total', 'sales.paid', 'sales.back', 'sales.underway'];

    /**
     * @param  int  $charged to a kept card, of what was paid
     * @param  int  $waived of the fees
     * @param  int  $credited of what went back, as account credit
     * @param  int  $elsewhere paid, and now for other parts of the visit
     */
    public function __construct(
        public bool $isSold = false,
        public int $owed = 0,
        public int $paid = 0,
        public int $back = 0,
        public int $returning = 0,
        public int $charging = 0,
        public bool $keepsCard = false,
        public int $charged = 0,
        public int $waived = 0,
        public int $elsewhere = 0,
        public int $credited = 0,
    ) {
    }

    public static function of(Booking $booking): self
    {
        $due = $booking->entries->where('account', Account::Due);
        $owed = $due->whereIn('about', self::OWED);
        $charged = $booking->payments->where('state', PaymentState::Charging);
        $kept = $booking->payments->where('kind', PaymentKind::Card);

        return new self(
            isSold: $owed->isNotEmpty(),
            owed: self::sum($owed),
            paid: -self::sum($due->whereIn('about', self::CAME)),
            back: self::sum($due->where('about', Movement::Returned)),
            returning: -self::sum($booking->entries->where('account', Account::Returning)),
            charging: array_sum($charged->map(static fn (Payment $payment): int => $payment->amount)->all()),
            keepsCard: $kept->contains('state', PaymentState::Kept),
            charged: self::charged($booking),
            waived: -self::sum($due->where('about', Movement::Waived)->where('booking_id', $booking->id)),
            credited: -self::sum(self::credited($booking)),
        );
    }

    /** Of a part of a visit that is over, while others are not: its fee, and what went back for it. */
    public static function ofPart(Booking $booking): self
    {
        $all = self::of($booking);
        $returned = $booking->entries->where('account', Account::Due)->where('about', Movement::Returned);
        $back = self::sum($returned->where('booking_id', $booking->id));
        $toGive = max(0, $all->paid - $all->back - $all->owed);
        $kept = min((int) $booking->fee, $all->paid - $all->back - $toGive);

        return new self(
            isSold: (int) $booking->fee > 0,
            owed: (int) $booking->fee,
            paid: $back + $kept + $toGive,
            back: $back,
            returning: min($all->returning, $back),
            charging: $all->charging,
            keepsCard: $all->keepsCard,
            charged: min($all->charged, $kept),
            waived: $all->waived,
            elsewhere: $all->paid - $all->back - $kept - $toGive,
            credited: -self::sum(self::credited($booking)->where('booking_id', $booking->id)),
        );
    }

    /** @return Collection<int, BookEntry> */
    private static function credited(Booking $booking): Collection
    {
        return $booking->entries->where('account', Account::Credit)->where('about', Movement::Returned);
    }

    private static function charged(Booking $booking): int
    {
        $fees = $booking->payments->where('kind', PaymentKind::Fee)->where('state', PaymentState::Paid);

        return array_sum($fees->map(static fn (Payment $payment): int => $payment->refundable())->all());
    }

    /**
     * As it stands on a sale's row. Whether a card is kept is not looked up.
     *
     * @param  stdClass  $row with these columns; null where there is no sale
     * @param  int  $charging to a kept card, just now
     */
    public static function ofRow(stdClass $row, int $charging): self
    {
        return new self(
            isSold: $row->sold > 0,
            owed: (int) $row->total,
            paid: (int) $row->paid,
            back: (int) $row->back,
            returning: (int) $row->underway,
            charging: $charging,
        );
    }

    /** @return array<string, int> what is on its way from kept cards, by sale */
    public static function charging(ConnectionInterface $db, int $business): array
    {
        $charging = [];
        $rows = $db->table('payments')
            ->where('business_id', $business)
            ->where('state', PaymentState::Charging->value)
            ->get(['sale_id', 'amount']);
        foreach ($rows as $row) {
            $charging[$row->sale_id] = ($charging[$row->sale_id] ?? 0) + (int) $row->amount;
        }

        return $charging;
    }

    /** @param  Collection<int, BookEntry>  $entries */
    private static function sum(Collection $entries): int
    {
        return array_sum($entries->map(static fn (BookEntry $entry): int => $entry->amount)->all());
    }
}
