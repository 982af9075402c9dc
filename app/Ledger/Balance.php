<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use Illuminate\Support\Collection;
use YardBell\Core\Booking\State;

/**
 * How a booking stands: what it was sold for, what has been paid, kept and given back, what is still due (rules.md,
 * part 4). The one place that reckons it; Facts\Told puts it into words. Amounts are in the minor unit.
 */
final readonly class Balance
{
    /**
     * @param  int|null  $price null: it is settled at the desk
     * @param  int|null  $from what the price of one that is settled at the desk begins at
     * @param  int  $paid all that ever came in, a fee charged to a card included
     * @param  int  $returning on its way back, $returned has gone back
     * @param  int  $charging a fee on its way from a kept card
     * @param  string  $state nothing (over, and nobody paid), free, desk, due, part, paid, kept (over, and some of it
     *   stays), charging, refunding or refunded
     */
    private function __construct(
        public ?int $price,
        public ?int $from,
        public int $paid,
        public int $returning,
        public int $returned,
        public int $due,
        public int $charging,
        public ?int $fee,
        public bool $isOver,
        public bool $keepsCard,
        public string $state,
    ) {
    }

    public static function of(Booking $booking): self
    {
        $over = in_array($booking->state, [State::Cancelled, State::Declined, State::Expired], true);
        $came = $booking->payments->where('kind', '<>', PaymentKind::Card)->whereIn('state', PaymentState::CAME_IN);
        $paid = self::sum($came, 'amount');
        $stays = $paid - self::sum($came, 'returned');
        $owed = $over ? $booking->fee ?? 0 : $booking->price;

        return new self(
            price: $booking->payment === 'desk' ? null : $booking->price,
            from: $booking->from_price,
            paid: $paid,
            returning: self::sum($came->where('state', PaymentState::Refunding), 'returned'),
            returned: self::sum($came->where('state', PaymentState::Refunded), 'returned'),
            due: max(0, $owed - $stays),
            charging: self::sum($booking->payments->where('state', PaymentState::Charging), 'amount'),
            fee: $booking->fee,
            isOver: $over,
            keepsCard: $booking->payments->where('kind', PaymentKind::Card)->contains('state', PaymentState::Kept),
            state: self::state($booking->payments, $booking, $over, $stays, max(0, $owed - $stays)),
        );
    }

    /** What came in and stays. */
    public function kept(): int
    {
        return $this->paid - $this->returning - $this->returned;
    }

    /**
     * @param  Collection<int, Payment>  $payments
     * @param  'amount'|'returned'  $of
     */
    private static function sum(Collection $payments, string $of): int
    {
        return array_sum($payments->map(static fn (Payment $payment): int => $payment->{$of})->all());
    }

    /** @param  Collection<int, Payment>  $payments */
    private static function state(Collection $payments, Booking $booking, bool $over, int $stays, int $due): string
    {
        $states = $payments->pluck('state');

        return match (true) {
            $states->contains(PaymentState::Refunding) => 'refunding',
            $states->contains(PaymentState::Charging) => 'charging',
            $states->contains(PaymentState::Refunded) => 'refunded',
            $over => $stays > 0 ? 'kept' : 'nothing',
            $due > 0 => $stays > 0 ? 'part' : 'due',
            $stays > 0 => 'paid',
            default => $booking->payment === 'desk' ? 'desk' : 'free',
        };
    }
}
