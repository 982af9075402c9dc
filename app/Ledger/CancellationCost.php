<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Contents\CancellationContent;
use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Booking\State;

/** What a client who cancels now leaves behind: kept from what was paid, or charged to a kept card. */
final readonly class CancellationCost
{
    public function __construct(private Clock $clock)
    {
    }

    /** Minor unit. Nothing where nothing was paid and no card is kept: there is nothing to take it from. */
    public function of(Booking $booking): int
    {
        $terms = CancellationContent::kept($booking->cancellation)?->toCore();
        if ($booking->state !== State::Confirmed || $terms === null) {
            return 0;
        }
        $cost = $terms->cost($booking->price, Instants::minute($booking->starts_at), $this->clock->minute());

        return self::keptCard($booking) !== null ? $cost : min($cost, Balance::of($booking)->kept());
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
