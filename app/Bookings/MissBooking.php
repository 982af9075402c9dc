<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Lock;
use App\Models\Occasion;
use App\Payments\CancellationCost;
use App\Payments\GivingUp;
use App\Payments\MoneyEffect;
use App\Payments\ReturnMoney;
use App\Sales\Fee;
use App\Support\Clock;
use App\Support\DryRun;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * Somebody did not come. By the terms the visit is owed no more, but for what not coming costs (rules.md L4); without
 * terms nothing was agreed, and what is owed and paid stays as it is.
 */
final readonly class MissBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private ReturnMoney $return,
        private Announcements $announcements,
        private Clock $clock,
        private DryRun $tried,
    ) {
    }

    public static function may(Booking $booking, Clock $clock): bool
    {
        return $booking->state->mayBecome(State::NoShow) && $booking->starts_at <= $clock->now();
    }

    /** @throws Refusal where it cannot be said, or would do something else to the money than was shown */
    public function __invoke(int $businessId, string $id, Missing $how): Booking
    {
        return $this->db->transaction(function () use ($businessId, $id, $how): Booking {
            $booking = Lock::on(Booking::query()->where('business_id', $businessId)->whereKey($id))->firstOrFail();
            if ($booking->state !== State::NoShow) { // else pressed twice
                $effect = $this->miss($booking, $how);
                $effect->mustBe($how->seen);
                if ($how->told && $effect->concernsClient()) {
                    $this->announcements->undoable()->of($booking, Occasion::NoShow);
                }
            }

            return $booking;
        }, attempts: 5);
    }

    /** What it would do to the money; nothing is done. */
    public function tried(int $businessId, string $id, Missing $how): MoneyEffect
    {
        return $this->tried->of(function () use ($businessId, $id, $how): MoneyEffect {
            $booking = Lock::on(Booking::query()->where('business_id', $businessId)->whereKey($id))->firstOrFail();

            return $this->miss($booking, $how);
        });
    }

    private function miss(Booking $booking, Missing $how): MoneyEffect
    {
        if (! self::may($booking, $this->clock)) {
            throw new Refusal(new Sentence('refusal.booking.not_missed'), 409, 'too_late');
        }

        return MoneyEffect::of([$booking], GivingUp::Missed, function () use ($booking, $how): void {
            $cost = CancellationCost::ofMissing($booking);
            $booking->calendar_sequence++;
            $this->history->become($booking, State::NoShow, $how->by);
            if ($cost !== null) {
                $this->return->forGivingUp(Fee::ofMissing($cost, $how->waived), $booking, $how->by);
            }
        });
    }
}
