<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Occasion;
use App\Support\Refusal;
use App\Times\PlanVisit;
use App\Times\TimeTaken;
use App\Times\VisitChoice;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Booking\State;

/**
 * A client moves a booking, all of a visit, or one part of it, to a time that clients are offered. It keeps its price;
 * where the business says yes or no to each time, it waits for that again.
 */
final readonly class MoveByClient
{
    public function __construct(
        private ConnectionInterface $db,
        private MoveBooking $move,
        private MoveSeat $seat,
        private PlanVisit $plan,
        private ClientChanges $changes,
        private History $history,
        private Announcements $announcements,
        private PlanReminders $reminders,
    ) {
    }

    /**
     * @param  int  $start instant
     * @param  string|null  $staff null: the same, where they are free, else whoever is; not asked of a whole visit
     * @param  bool  $alone of a visit, this part alone
     *
     * @throws Refusal|TimeTaken
     */
    public function __invoke(Business $business, string $id, int $start, ?string $staff, bool $alone): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $start, $staff, $alone): Booking {
            $parts = MoveTimes::asked(VisitParts::locked($business->id, $id), $id, $alone);
            $this->changes->checkMove($parts);
            $asks = array_filter($parts, BookHeld::mustBeApproved(...)) !== [];
            match (true) {
                count($parts) > 1 => $this->visit($business, $parts, $start),
                $parts[0]->session_id !== null => ($this->seat)($business, $parts[0], $start, $staff),
                default => ($this->move)(
                    business: $business,
                    id: $parts[0]->id,
                    to: new Destination(
                        $start,
                        $staff === null ? null : [$staff],
                        location: $parts[0]->location_id,
                        relaxed: new Relaxed(),
                    ),
                    by: History::BY_CLIENT,
                    whom: Telling::Nobody,
                ),
            };

            foreach ($parts as $part) {
                $part->refresh();
            }

            return $this->tell($parts, $asks);
        }, attempts: 5);
    }

    /**
     * All parts of a visit (rules.md T20): none of them is in the way of the others.
     *
     * @param  non-empty-list<Booking>  $parts that stand, in order of time
     *
     * @throws TimeTaken
     */
    private function visit(Business $business, array $parts, int $start): void
    {
        $ids = array_map(static fn (Booking $part): string => $part->id, $parts);
        $plan = $this->plan->plan($business, VisitChoice::of($parts), $start, moving: $ids);
        foreach ($plan->parts as $i => $planned) {
            $to = new Destination(
                $planned->start,
                $planned->staff,
                location: $plan->location,
                relaxed: new Relaxed(grid: $i > 0, gaps: true),
                ignoring: array_slice($ids, $i + 1),
            );
            ($this->move)(
                business: $business,
                id: $parts[$planned->part]->id,
                to: $to,
                by: History::BY_CLIENT,
                whom: Telling::Nobody,
            );
        }
    }

    /**
     * One mail of all of it: moved, or asked for again.
     *
     * @param  non-empty-list<Booking>  $moved
     */
    private function tell(array $moved, bool $asks): Booking
    {
        foreach ($asks ? $moved : [] as $part) {
            if ($part->state === State::Confirmed) {
                $this->history->become($part, State::Pending, History::BY_CLIENT);
                UnsentMail::drop($part);
                $this->reminders->plan($part);
            }
        }
        $waits = $moved[0]->state === State::Pending;
        $this->announcements->ofAll($moved, $asks && $waits ? Occasion::Pending : Occasion::Moved);

        return $moved[0];
    }
}
