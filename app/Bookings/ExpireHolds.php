<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** Holds that ran out are marked so. One whose payment page is open gets an hour longer: its time may still be free then. */
final readonly class ExpireHolds
{
    public function __construct(private ConnectionInterface $db, private History $history, private Clock $clock)
    {
    }

    public function __invoke(): void
    {
        $ids = Booking::query()->where('state', State::Held)->where('held_until', '<=', $this->clock->now())
            ->whereNotExists(static fn ($query) => $query->from('payments')->whereColumn('payments.booking_id', 'bookings.id')->where('payments.state', 'open')->whereNotNull('checkout')
                ->where('payments.created_at', '>', now()->subHour()))
            ->limit(200)->pluck('id');
        foreach ($ids as $id) {
            $this->db->transaction(function () use ($id): void {
                $booking = Booking::query()->lockForUpdate()->findOrFail($id);
                if ($booking->state === State::Held && $booking->held_until <= $this->clock->now()) {
                    $this->history->become($booking, State::Expired, 'the clock');
                }
            });
        }
    }
}
