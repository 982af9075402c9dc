<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Sale;
use App\Models\SaleLineKind;
use Carbon\CarbonImmutable;

/**
 * A visit that is booked is owed for, as it was quoted, and so is what those who take it are paid; one that is not
 * taken is owed no more. Within a transaction that has locked the booking.
 */
final readonly class SellVisit
{
    public function __construct(private OpenSale $open, private WriteLine $write)
    {
    }

    public function __invoke(Booking $booking, string $by, ?CarbonImmutable $at = null): Sale
    {
        $sale = ($this->open)($booking, $at);
        if (self::isOwedFor($booking)) {
            return $sale;
        }
        $pay = [];
        foreach ($booking->staff_pay as $member => $amount) {
            $pay[] = self::pay($booking, $sale, (string) $member, $amount);
        }
        ($this->write)(
            $sale,
            SaleLineKind::Visit,
            $booking->service_name,
            $booking->price,
            $by,
            $booking->taxes,
            booking: $booking->id,
            more: $pay,
            at: $at,
        );

        return $sale;
    }

    /** It was booked, and is not to be taken any more. */
    public function takeBack(Booking $booking, string $by, string $why = ''): void
    {
        if (! self::isOwedFor($booking)) {
            return;
        }
        $sale = ($this->open)($booking);
        $paid = BookEntry::query()
            ->where('booking_id', $booking->id)
            ->where('account', Account::StaffPay)
            ->groupBy('staff_id')
            ->selectRaw('staff_id, sum(amount) as amount')
            ->get();
        $pay = [];
        foreach ($paid as $share) {
            $pay[] = self::pay($booking, $sale, (string) $share->staff_id, (int) $share->amount);
        }
        ($this->write)(
            $sale,
            SaleLineKind::Off,
            $booking->service_name,
            -$booking->price,
            $by,
            array_map(
                static fn (array $tax): array => [...$tax, 'net' => -$tax['net'], 'amount' => -$tax['amount']],
                $booking->taxes,
            ),
            $why,
            $booking->id,
            $pay,
        );
    }

    private static function isOwedFor(Booking $booking): bool
    {
        $of = static fn (SaleLineKind $kind): int => $booking->sale_id === null
            ? 0
            : Sale::query()->findOrFail($booking->sale_id)
                ->lines()
                ->where('booking_id', $booking->id)
                ->where('kind', $kind)
                ->count();

        return $of(SaleLineKind::Visit) > $of(SaleLineKind::Off);
    }

    /** Below zero: it is taken back. */
    private static function pay(Booking $booking, Sale $sale, string $member, int $amount): Posting
    {
        return new Posting(
            Movement::Pay,
            Account::PayCost,
            Account::StaffPay,
            $amount,
            $sale,
            booking: $booking->id,
            staff: $member,
        );
    }
}
