<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\AskedToPay;
use App\Models\Booking;
use YardBell\Core\Booking\State;

/**
 * How a booking's sale stands: what it was sold for, what has been paid, kept and given back, what is still due
 * (rules.md, part 4): sums of the book's entries. Facts\Told puts it into words. Amounts are in the minor unit.
 */
final readonly class Balance
{
    /**
     * @param  int|null  $price null: it is settled at the desk
     * @param  int|null  $from what the price of one that is settled at the desk begins at
     * @param  int  $paid all that ever came in, a fee charged to a card included
     * @param  int  $returning on its way back, $returned has gone back, $credited as account credit
     * @param  int  $toGive paid beyond what is owed, and to be given back by somebody
     * @param  int  $charging a fee on its way from a kept card, $charged one that has come from it
     * @param  int  $waived of the fee
     * @param  int  $elsewhere paid, and now for other parts of the visit
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
        public int $toGive,
        public int $charging,
        public ?int $fee,
        public bool $isOver,
        public bool $keepsCard,
        public int $charged,
        public int $waived,
        public int $elsewhere,
        public int $credited,
        public string $state,
    ) {
    }

    /** What is asked for at once of what is due, where its service asks for it when booking (rules.md P9). */
    public function now(Booking $booking): int
    {
        $asks = $booking->payment->isDueAtOnce() && ! $this->isOver && $this->kept() > 0;

        return $asks ? min($this->due, max(0, $booking->due_now - $this->kept())) : 0;
    }

    public static function of(Booking $booking): self
    {
        return self::from(
            sums: self::sums($booking),
            state: $booking->state,
            price: $booking->price,
            payment: $booking->payment,
            fromPrice: $booking->from_price,
            fee: $booking->fee,
        );
    }

    /** A part of a visit that is over leaves the visit's sale to the parts that are not. */
    private static function sums(Booking $booking): SaleSums
    {
        $isLeft = $booking->visit_id !== null &&
            in_array($booking->state, State::NOT_TAKEN, true) &&
            $booking->sale_id !== null &&
            Booking::query()
                ->where('business_id', $booking->business_id)
                ->where('visit_id', $booking->visit_id)
                ->whereNotIn('state', State::NOT_TAKEN)
                ->exists();

        return $isLeft ? SaleSums::ofPart($booking) : SaleSums::of($booking);
    }

    /**
     * @param  int  $price as it was quoted
     */
    public static function from(
        SaleSums $sums,
        State $state,
        int $price,
        AskedToPay $payment,
        ?int $fromPrice = null,
        ?int $fee = null,
    ): self {
        $over = in_array($state, State::NOT_TAKEN, true);
        $owed = match (true) {
            $sums->isSold => $sums->owed,
            $over => 0,
            default => $price,
        };
        $stays = $sums->paid - $sums->back;

        return new self(
            price: $payment === AskedToPay::PriceOpen && $owed === 0 ? null : ($over ? $price : $owed),
            from: $fromPrice,
            paid: $sums->paid,
            returning: $sums->returning,
            returned: $sums->back - $sums->returning - $sums->credited,
            due: max(0, $owed - $stays),
            toGive: max(0, $stays - $owed),
            charging: $sums->charging,
            fee: $fee,
            isOver: $over,
            keepsCard: $sums->keepsCard,
            charged: $sums->charged,
            waived: $sums->waived,
            elsewhere: $sums->elsewhere,
            credited: $sums->credited,
            state: match (true) {
                $sums->returning > 0 => 'refunding',
                $sums->charging > 0 => 'charging',
                $over && $owed > $stays => 'due',
                $over && $sums->back > 0 => 'refunded',
                $over => min($stays, $owed) > 0 ? 'kept' : 'nothing',
                $owed > $stays => $stays > 0 ? 'part' : 'due',
                $stays > 0 => 'paid',
                $sums->back > 0 => 'refunded',
                default => $payment === AskedToPay::PriceOpen ? 'desk' : 'free',
            },
        );
    }

    /** What came in and is to stay. */
    public function kept(): int
    {
        return $this->paid - $this->returning - $this->returned - $this->credited - $this->toGive;
    }
}
