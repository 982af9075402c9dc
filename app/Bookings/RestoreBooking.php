<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Ledger\GivingUp;
use App\Ledger\MoneyEffect;
use App\Ledger\TakeAfterAll;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Support\Tried;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\State;

/**
 * A cancelling is taken back: within a day, before the visit would begin, and while its time is still free. It is what
 * it was before, its money too, as far as that has not left.
 */
final readonly class RestoreBooking
{
    private const HOURS = 24;

    /** What one press cancels may take so long, one after the other. */
    private const PRESS_SECONDS = 5;

    /** What its time has to be: free of everything else, and open; all else was settled when it was booked. */
    private const RELAXED = ['notice' => true, 'limits' => true, 'dayparts' => true, 'grid' => true, 'gaps' => true];

    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private Bookable $bookable,
        private Claims $claims,
        private History $history,
        private TakeAfterAll $take,
        private Announcements $announcements,
        private Reminders $reminders,
        private Clock $clock,
        private Tried $tried,
    ) {
    }

    public function may(Booking $booking): bool
    {
        $cancelled = self::cancelled($booking);

        return $cancelled !== null &&
            $cancelled->by !== History::BY_CLOCK &&
            History::before($booking) !== null &&
            $cancelled->at > $this->clock->now()->subHours(self::HOURS) &&
            $booking->starts_at > $this->clock->now();
    }

    /**
     * Those that were cancelled with it in one press: of its visit or its repeat, about the same moment by the same.
     *
     * @return list<Booking> in order of time, itself among them
     */
    public function together(Booking $booking): array
    {
        $cancelled = self::cancelled($booking);
        if ($cancelled === null || ($booking->visit_id ?? $booking->repeat_id) === null) {
            return [$booking];
        }
        $beside = Booking::query()
            ->where('business_id', $booking->business_id)
            ->where('state', State::Cancelled)
            ->where(
                static fn ($query) => $booking->visit_id === null
                    ? $query->where('repeat_id', $booking->repeat_id)
                    : $query->where('visit_id', $booking->visit_id),
            )
            ->whereExists(
                static fn ($query) => $query
                    ->from('booking_changes')
                    ->whereColumn('booking_changes.business_id', 'bookings.business_id')
                    ->whereColumn('booking_changes.booking_id', 'bookings.id')
                    ->where('state', State::Cancelled)
                    ->whereBetween('at', [
                        $cancelled->at->subSeconds(self::PRESS_SECONDS),
                        $cancelled->at->addSeconds(self::PRESS_SECONDS),
                    ])
                    ->where('by', $cancelled->by),
            )
            ->orderBy('starts_at')
            ->get();

        return array_values($beside->filter($this->may(...))->all());
    }

    /** @throws Refusal|TimeTaken where it cannot be, or would do something else to the money than was shown */
    public function __invoke(Business $business, string $id, TakingBack $how): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $how): Booking {
            $this->restore($business, $id, $how)->mustBe($how->seen);

            return Booking::query()->where('business_id', $business->id)->findOrFail($id);
        }, attempts: 5);
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Business $business, string $id, TakingBack $how): MoneyEffect
    {
        return $this->tried->of(fn (): MoneyEffect => $this->restore($business, $id, $how));
    }

    private function restore(Business $business, string $id, TakingBack $how): MoneyEffect
    {
        $of = Booking::query()->where('business_id', $business->id);
        $booking = (clone $of)->findOrFail($id);
        $ids = array_map(
            static fn (Booking $one): string => $one->id,
            $how->together ? $this->together($booking) : [$booking],
        );
        $bookings = array_values(
            Lock::on($of->whereIn('id', [$id, ...$ids])->orderBy('id'))->get()->sortBy('starts_at')->all(),
        );
        foreach ($bookings as $one) {
            if (! $this->may($one)) {
                throw new Refusal(new Sentence('refusal.booking.not_restored'), 409, 'too_late');
            }
        }
        assert($bookings !== []);

        return MoneyEffect::of($bookings, GivingUp::TakenBack, fn () => $this->all($business, $bookings, $how));
    }

    /** @param  non-empty-list<Booking>  $bookings */
    private function all(Business $business, array $bookings, TakingBack $how): void
    {
        $isKnown = array_filter($bookings, UnsentMail::isKnownCancelled(...)) !== [];
        foreach ($bookings as $booking) {
            $slot = $this->free($business, $booking);
            $booking->units = $slot->session === null ? $slot->units : [];
            $booking->calendar_sequence++;
            $this->history->returnTo($booking, History::before($booking) ?? State::Confirmed, $how->by);
            ($this->take)($booking, $how->by, $how->refundsCharge);
            UnsentMail::drop($booking);
            $this->reminders->plan($booking);
        }
        if ($isKnown) {
            $this->announcements->ofAll($bookings, Occasion::Restored, whom: Telling::client($how->told));
        }
    }

    /**
     * What it takes now, claimed: the same people, or its session; the units may be others.
     *
     * @throws TimeTaken
     */
    private function free(Business $business, Booking $booking): Slot
    {
        return $this->claims->settled(
            $business,
            fn (): ?Slot => $this->slot($business, $booking),
            $booking->setup,
            $booking->clearup,
        ) ?? throw TimeTaken::near([]);
    }

    private function slot(Business $business, Booking $booking): ?Slot
    {
        $freedom = new Freedom($booking->outside !== [], $booking->double_booked);
        $start = Instants::minute($booking->starts_at);
        $wish = Choice::of($booking)->at($start, new Relaxed(...self::RELAXED))->with($freedom);
        foreach ($this->bookable->at($business, $this->rules->bookNow($business), $wish) as $slot) {
            $isSame = $slot->session === $booking->session_id &&
                ($slot->session !== null || $slot->staff === $booking->staff_ids);
            if ($isSame) {
                return $slot;
            }
        }

        return null;
    }

    private static function cancelled(Booking $booking): ?BookingChange
    {
        $last = $booking->changes()->get()->last();

        return $booking->state === State::Cancelled && $last?->state === State::Cancelled->value ? $last : null;
    }
}
