<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Occasion;
use App\Payments\ReturnMoney;
use App\Sales\Fee;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** Says yes or no to a booking, or to all of a visit, that waits for it, and tells the client. */
final readonly class DecideBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private Announcements $announcements,
        private PlanReminders $reminders,
        private ReturnMoney $return,
        private LowerEarlier $lower,
    ) {
    }

    /** @throws Refusal where it does not wait any more */
    public function __invoke(int $businessId, string $id, bool $yes, string $by, string $why = ''): Booking
    {
        return $this->db->transaction(function () use ($businessId, $id, $yes, $by, $why): Booking {
            $waiting = array_values(
                array_filter(
                    VisitParts::locked($businessId, $id),
                    static fn (Booking $part): bool => $part->state === State::Pending || $part->id === $id,
                ),
            );
            foreach ($waiting as $part) {
                self::check($part);
                $this->history->become($part, $yes ? State::Confirmed : State::Declined, $by, $why);
                $yes
                    ? ($this->lower)($part, $by, told: true)
                    : $this->return->forGivingUp(Fee::none(), $part, $by);
            }
            assert($waiting !== []);
            $this->announcements->ofAll($waiting, $yes ? Occasion::Booked : Occasion::Declined, $why);
            $this->reminders->plan($waiting[0]);

            return Booking::query()->where('business_id', $businessId)->findOrFail($id);
        }, attempts: 5);
    }

    /** @throws Refusal where it does not wait any more */
    public static function check(Booking $booking): void
    {
        if ($booking->state !== State::Pending) {
            throw new Refusal(
                new Sentence('refusal.booking.not_asked', [
                    'state' => new Sentence('refusal.state', ['state' => $booking->state->value]),
                ]),
                409,
                'too_late',
            );
        }
    }
}
