<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Account;
use App\Models\BookEntry;
use App\Models\Booking;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use Illuminate\Support\Collection;
use YardBell\Core\Booking\State;

/**
 * How a booking's sale stands: what it was sold for, what has been paid, kept and given back, what is still due
 * (rules.md, part 4): sums of the book's entries. Facts\Told puts it into words. Amounts are in the minor unit.
 */
final readonly class Balance
{
    /** Entries that say what is owed, and those that say what came in. */
    private const OWED = [Movement::Sold, Movement::TakenBack, Movement::Fee, Movement::Added, Movement::Less];

    private const CAME = [Movement::Paid, Movement::Undone];

    /**
     * @param  int|null  $price null: it is settled at the desk
     * @param  int|null  $from what the price of one that is settled at the desk begins at
     * @param  int  $paid all that ever came in, a fee charged to a card included
     * @param  int  $returning on its way back, $returned has gone back
     * @param  int  $toGive paid beyond what is owed, and to be given back by somebody
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
        public int $toGive,
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
        $due = $booking->entries->where('account', Account::Due);
        $isSold = $due->whereIn('about', self::OWED)->isNotEmpty();
        $paid = -self::sum($due->whereIn('about', self::CAME));
        $back = self::sum($due->where('about', Movement::Returned));
        $returning = -self::sum($booking->entries->where('account', Account::Returning));
        $owed = match (true) {
            $isSold => self::sum($due->whereIn('about', self::OWED)),
            $over => 0,
            default => $booking->price,
        };
        $stays = $paid - $back;

        return new self(
            price: $booking->payment === 'desk' && $owed === 0 ? null : ($over ? $booking->price : $owed),
            from: $booking->from_price,
            paid: $paid,
            returning: $returning,
            returned: $back - $returning,
            due: max(0, $owed - $stays),
            toGive: max(0, $stays - $owed),
            charging: self::charging($booking->payments),
            fee: $booking->fee,
            isOver: $over,
            keepsCard: $booking->payments->where('kind', PaymentKind::Card)->contains('state', PaymentState::Kept),
            state: match (true) {
                $returning > 0 => 'refunding',
                self::charging($booking->payments) > 0 => 'charging',
                $over && $owed > $stays => 'due',
                $over && $back > 0 => 'refunded',
                $over => min($stays, $owed) > 0 ? 'kept' : 'nothing',
                $owed > $stays => $stays > 0 ? 'part' : 'due',
                $stays > 0 => 'paid',
                $back > 0 => 'refunded',
                default => $booking->payment === 'desk' ? 'desk' : 'free',
            },
        );
    }

    /** What came in and is to stay. */
    public function kept(): int
    {
        return $this->paid - $this->returning - $this->returned - $this->toGive;
    }

    /** @param  Collection<int, BookEntry>  $entries */
    private static function sum(Collection $entries): int
    {
        return array_sum($entries->map(static fn (BookEntry $entry): int => $entry->amount)->all());
    }

    /** @param  Collection<int, Payment>  $payments */
    private static function charging(Collection $payments): int
    {
        $charged = $payments->where('state', PaymentState::Charging);

        return array_sum($charged->map(static fn (Payment $payment): int => $payment->amount)->all());
    }
}
