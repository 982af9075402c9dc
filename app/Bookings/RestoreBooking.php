<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Payments\GivingUp;
use App\Payments\MoneyEffect;
use App\Payments\ReinstateSale;
use App\Support\DryRun;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\Choice;
use App\Times\KeepPlace;
use App\Times\Override;
use App\Times\TimeTaken;
use App\Times\Wish;
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
    /** What its time has to be: free of everything else, and open; all else was settled when it was booked. */
    private const RELAXED = ['notice' => true, 'limits' => true, 'dayparts' => true, 'grid' => true, 'gaps' => true];

    public function __construct(
        private ConnectionInterface $db,
        private MayRestore $may,
        private KeepPlace $keep,
        private History $history,
        private ReinstateSale $take,
        private Announcements $announcements,
        private PlanReminders $reminders,
        private DryRun $tried,
    ) {
    }

    /** @throws Refusal|TimeTaken where it cannot be, or would do something else to the money than was shown */
    public function __invoke(Business $business, string $id, Restoring $how): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $how): Booking {
            $this->restore($business, $id, $how)->mustBe($how->seen);

            return Booking::query()->where('business_id', $business->id)->findOrFail($id);
        }, attempts: 5);
    }

    /** What it would do to the money; nothing is done. */
    public function tried(Business $business, string $id, Restoring $how): MoneyEffect
    {
        return $this->tried->of(fn (): MoneyEffect => $this->restore($business, $id, $how));
    }

    private function restore(Business $business, string $id, Restoring $how): MoneyEffect
    {
        $of = Booking::query()->where('business_id', $business->id);
        $booking = (clone $of)->findOrFail($id);
        $ids = array_map(
            static fn (Booking $one): string => $one->id,
            $how->together ? $this->may->together($booking) : [$booking],
        );
        $bookings = array_values(
            Lock::on($of->whereIn('id', [$id, ...$ids])->orderBy('id'))->get()->sortBy('starts_at')->all(),
        );
        foreach ($bookings as $one) {
            if (! $this->may->of($one)) {
                throw new Refusal(new Sentence('refusal.booking.not_restored'), 409, 'too_late');
            }
        }
        assert($bookings !== []);

        return MoneyEffect::of($bookings, GivingUp::TakenBack, fn () => $this->all($business, $bookings, $how));
    }

    /** @param  non-empty-list<Booking>  $bookings */
    private function all(Business $business, array $bookings, Restoring $how): void
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
     * What it takes now, claimed.
     *
     * @throws TimeTaken
     */
    private function free(Business $business, Booking $booking): Slot
    {
        $override = new Override($booking->outside !== [], $booking->double_booked);
        $start = Instants::minute($booking->starts_at);
        $wish = (new Wish(Choice::of($booking), $start, new Relaxed(...self::RELAXED)))->with($override);

        return ($this->keep)($business, $booking, $wish) ?? throw TimeTaken::near([]);
    }
}
