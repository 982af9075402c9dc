<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
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
 * Gives the time back, the money too as far as the terms say, and tells everyone. Doing it twice does what doing it
 * once does.
 */
final readonly class CancelBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private Announcements $announcements,
        private PlanReminders $reminders,
        private ReturnMoney $return,
        private Clock $clock,
        private CancellationCost $cost,
        private DryRun $tried,
    ) {
    }

    /** @throws Refusal where it cannot be cancelled, or would do something else to the money than was shown */
    public function __invoke(int $businessId, string $bookingId, Cancelling $how): Booking
    {
        return $this->db->transaction(function () use ($businessId, $bookingId, $how): Booking {
            $bookings = $this->locked($businessId, $bookingId, $how);
            $open = array_filter($bookings, static fn (Booking $one): bool => $one->state !== State::Cancelled);
            $this->cancel($bookings, $how)->mustBe($open === [] ? null : $how->seen); // none: pressed twice

            return array_column($bookings, null, 'id')[$bookingId] ??
                Booking::query()->where('business_id', $businessId)->findOrFail($bookingId);
        }, attempts: 5);
    }

    /**
     * What it would do to the money; nothing is done.
     *
     * @throws Refusal where it cannot be cancelled
     */
    public function tried(int $businessId, string $bookingId, Cancelling $how): MoneyEffect
    {
        return $this->tried->of(
            fn (): MoneyEffect => $this->cancel($this->locked($businessId, $bookingId, $how), $how),
        );
    }

    /** @param  non-empty-list<Booking>  $bookings locked, in order of time */
    private function cancel(array $bookings, Cancelling $how): MoneyEffect
    {
        return MoneyEffect::of($bookings, GivingUp::Cancelled, fn () => $this->all($bookings, $how));
    }

    /** @return non-empty-list<Booking> in order of time */
    private function locked(int $businessId, string $bookingId, Cancelling $how): array
    {
        $of = Booking::query()->where('business_id', $businessId);
        $booking = (clone $of)->findOrFail($bookingId);
        $ids = [
            $booking->id,
            ...$how->whole ? self::cancellable(VisitParts::of($booking)) : [],
            ...$how->later ? self::cancellable(Repeated::after($booking)) : [],
        ];
        $locked = array_values(Lock::on($of->whereIn('id', $ids)->orderBy('id'))->get()->all());
        if (count($locked) > 1) {
            $locked = array_values(array_filter($locked, self::isCancellable(...))) ?: $locked;
        }
        usort($locked, static fn (Booking $a, Booking $b): int => [$a->starts_at, $a->id] <=> [$b->starts_at, $b->id]);
        assert($locked !== []);

        return $locked;
    }

    /**
     * @param  list<Booking>  $bookings
     * @return list<string> ids
     */
    private static function cancellable(array $bookings): array
    {
        return array_map(
            static fn (Booking $one): string => $one->id,
            array_values(array_filter($bookings, self::isCancellable(...))),
        );
    }

    private static function isCancellable(Booking $booking): bool
    {
        return $booking->state->mayBecome(State::Cancelled);
    }

    /** @param  non-empty-list<Booking>  $bookings locked, in order of time */
    private function all(array $bookings, Cancelling $how): void
    {
        $told = [];
        foreach ($bookings as $booking) {
            if ($booking->state === State::Cancelled) {
                continue;
            }
            $this->check($booking, $how->by);
            if ($booking->state !== State::Held) {
                $told[] = $booking;
            }
            $this->one($booking, $how);
        }
        foreach ($told as $booking) {
            $this->reminders->plan($booking);
        }
        if ($told !== [] && $how->whom !== Telling::Nobody) {
            $how->by === History::BY_CLIENT
                ? $this->announcements->ofAll($told, Occasion::Cancelled)
                : $this->announcements
                    ->undoable()
                    ->ofAll($told, Occasion::Cancelled, $how->why, $how->whom);
        }
    }

    /** @throws Refusal */
    private function check(Booking $booking, string $by): void
    {
        if (! self::isCancellable($booking)) {
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

    private function one(Booking $booking, Cancelling $how): void
    {
        $fee = $how->termsCount ? Fee::ofCancelling($this->cost->of($booking), $how->waived) : Fee::none();
        $booking->calendar_sequence++;
        $this->history->become($booking, State::Cancelled, $how->by, $how->why);
        UnsentMail::drop($booking);
        $this->return->forGivingUp($fee, $booking, $how->by);
    }
}
