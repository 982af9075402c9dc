<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Lock;
use App\Payments\ReturnMoney;
use App\Sales\Fee;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Booking\State;

/**
 * Holds that ran out are marked so, and those that lapsed, or reach further ahead than any hold lives: a clock that was
 * put back made them. One whose payment page is open gets an hour longer: its time may still be free then.
 */
final readonly class ExpireHolds
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private ReturnMoney $return,
        private Clock $clock,
        private CurrentBusiness $current,
    ) {
    }

    public function __invoke(): void
    {
        $held = $this->current->across(
            fn () => Booking::query()
                ->where('state', State::Held)
                ->where($this->hasRunOut(...))
                ->whereNotExists(
                    fn ($query) => $query
                        ->from('payments')
                        ->whereColumn('payments.business_id', 'bookings.business_id')
                        ->whereColumn('payments.sale_id', 'bookings.sale_id')
                        ->where('payments.state', 'open')
                        ->whereNotNull('checkout')
                        ->where('payments.created_at', '>', $this->clock->now()->subHour()),
                )
                ->limit(200)
                ->get(['id', 'business_id']),
        );
        foreach ($held as $booking) {
            $this->current->of(
                $booking->business_id,
                fn () => $this->db->transaction(fn () => $this->expire($booking->id)),
            );
        }
    }

    private function expire(string $id): void
    {
        $booking = Lock::on(
            Booking::query()->whereKey($id)->where('state', State::Held)->where($this->hasRunOut(...)),
        )->first();
        if ($booking !== null) {
            $this->history->become($booking, State::Expired, History::BY_CLOCK);
            // a deposit may have come, and the card that was asked for beside it not
            $this->return->forGivingUp(Fee::none(), $booking, History::BY_CLOCK);
        }
    }

    /** @param  Builder<Booking>  $query */
    private function hasRunOut(Builder $query): void
    {
        $now = $this->clock->now();
        $query
            ->whereNull('held_until')
            ->orWhere('held_until', '<=', $now)
            ->orWhere('held_until', '>', $now->addMinutes(config()->integer('yardbell.hold_life_minutes')));
    }
}
