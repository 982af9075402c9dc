<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Booking;
use App\Models\Payment;
use Illuminate\Support\Collection;
use YardBell\Core\Booking\State;

/** How a booking stands: what it costs, what has been paid, what is still due (rules.md, part 4). */
final readonly class Balance
{
    /** @param  string  $state free, due, part, paid, charging, refunding or refunded */
    private function __construct(public int $total, public int $paid, public int $due, public string $state)
    {
    }

    public static function of(Booking $booking): self
    {
        $over = in_array($booking->state, [State::Cancelled, State::Declined, State::Expired], true);
        $total = $over ? $booking->fee ?? 0 : $booking->price;
        $payments = $booking->payments->where('kind', '<>', 'card')->whereIn('state', ['paid', 'refunding', 'refunded']);
        $paid = (int) $payments->sum('amount') - (int) $payments->sum('returned');
        $due = max(0, $total - $paid);

        return new self($total, $paid, $due, self::state($booking->payments, $total, $paid, $due));
    }

    /** @param  Collection<int, Payment>  $payments */
    private static function state(Collection $payments, int $total, int $paid, int $due): string
    {
        $states = $payments->pluck('state');

        return match (true) {
            $states->contains('refunding') => 'refunding',
            $states->contains('charging') => 'charging',
            $states->contains('refunded') => 'refunded',
            $due > 0 => $paid > 0 ? 'part' : 'due',
            default => $total === 0 && $paid === 0 ? 'free' : 'paid',
        };
    }
}
