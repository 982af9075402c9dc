<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Sum;
use App\Prices\Contents\CancellationContent;
use App\Sales\Balance;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Booking\State;

/** What a client who cancels now leaves behind: kept from what was paid, or charged to a kept card. */
final readonly class CancellationCost
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * Minor unit. Nothing where nothing was paid and no card is kept: there is nothing to take it from.
     *
     * @param  int  $taken of what was paid, to be kept for another part of the visit
     */
    public function of(Booking $booking, int $taken = 0): int
    {
        $terms = CancellationContent::kept($booking->cancellation)?->toCore();
        if ($booking->state !== State::Confirmed || $terms === null) {
            return 0;
        }
        $cost = $terms->cost($booking->price, Instants::minute($booking->starts_at), $this->clock->minute());

        return self::keptCard($booking) !== null
            ? $cost
            : max(0, min($cost, Balance::of($booking)->kept() - $this->feesBeside($booking) - $taken));
    }

    /**
     * What cancelling all of them costs: the same money is not kept twice.
     *
     * @param  list<Booking>  $parts of one visit
     */
    public function ofAll(array $parts): int
    {
        $cost = 0;
        foreach ($parts as $part) {
            $cost += $this->of($part, $cost);
        }

        return $cost;
    }

    /** What is kept already for parts of the same visit that were cancelled before. */
    private function feesBeside(Booking $booking): int
    {
        return $booking->visit_id === null
            ? 0
            : Sum::of(
                Booking::query()
                    ->where('business_id', $booking->business_id)
                    ->where('visit_id', $booking->visit_id)
                    ->where('id', '<>', $booking->id),
                'fee',
            );
    }

    /** What not coming costs; null: no terms were agreed. */
    public static function ofMissing(Booking $booking): ?int
    {
        $start = Instants::minute($booking->starts_at);

        return CancellationContent::kept($booking->cancellation)?->toCore()->cost($booking->price, $start, $start + 1);
    }

    public static function keptCard(Booking $booking): ?Payment
    {
        return $booking->payments->where('kind', PaymentKind::Card)->firstWhere('state', PaymentState::Kept);
    }
}
