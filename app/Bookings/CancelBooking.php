<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Ledger\CancellationCost;
use App\Ledger\ReturnMoney;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Occasion;
use App\Support\Clock;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * Gives the time back, the money too as far as the terms say, and tells everyone. Doing it twice does what doing it
 * once does.
 */
final readonly class CancelBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private Announcements $announcements,
        private Reminders $reminders,
        private ReturnMoney $return,
        private Clock $clock,
        private CancellationCost $cost,
    ) {
    }

    /** @param  string  $by "client", or the name of who did it in the workspace */
    public function __invoke(int $businessId, string $bookingId, string $by, string $why = ''): Booking
    {
        return $this->db->transaction(function () use ($businessId, $bookingId, $by, $why): Booking {
            $booking = Booking::query()->where('business_id', $businessId)->lockForUpdate()->findOrFail($bookingId);
            $this->all([$booking], $by, $why);

            return $booking;
        }, attempts: 5);
    }

    /** The same of all parts of a visit that can still be cancelled; everybody is told once. */
    public function visit(int $businessId, string $bookingId, string $by, string $why = ''): Booking
    {
        return $this->db->transaction(function () use ($businessId, $bookingId, $by, $why): Booking {
            $parts = VisitParts::locked($businessId, $bookingId);
            $still = array_filter(
                $parts,
                static fn (Booking $part): bool => $part->state->mayBecome(State::Cancelled),
            );
            $this->all(array_values($still) ?: [$parts[0]], $by, $why);

            return Booking::query()->where('business_id', $businessId)->findOrFail($bookingId);
        }, attempts: 5);
    }

    /**
     * @param  non-empty-list<Booking>  $bookings locked, in order of time
     *
     * @throws Refusal
     */
    private function all(array $bookings, string $by, string $why): void
    {
        $told = [];
        foreach ($bookings as $booking) {
            if ($booking->state === State::Cancelled) {
                continue;
            }
            $this->check($booking, $by);
            if ($booking->state !== State::Held) {
                $told[] = $booking;
            }
            $this->one($booking, $by, $why);
        }
        $this->reminders->plan($bookings[0]);
        if ($told !== []) {
            $this->announcements->ofAll($told, Occasion::Cancelled, $by === History::BY_CLIENT ? '' : $why);
        }
    }

    /** @throws Refusal */
    private function check(Booking $booking, string $by): void
    {
        if (! $booking->state->mayBecome(State::Cancelled)) {
            throw new Refusal(
                new Sentence('refusal.booking.not_cancelled', [
                    'state' => new Sentence('refusal.state', ['state' => $booking->state->value]),
                ]),
                409,
                'too_late',
            );
        }
        if ($by === History::BY_CLIENT && $booking->starts_at <= $this->clock->now()) {
            throw new Refusal(
                new Sentence('refusal.booking.begun'),
                409,
                'too_late',
            );
        }
    }

    private function one(Booking $booking, string $by, string $why): void
    {
        $fee = $by === History::BY_CLIENT ? $this->cost->of($booking) : 0;
        $booking->calendar_sequence++;
        $this->history->become($booking, State::Cancelled, $by, $why);
        $this->announcements->drop($booking);
        $this->return->less($fee, $booking, $by);
    }
}
