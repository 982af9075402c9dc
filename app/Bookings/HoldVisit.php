<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Id;
use App\Support\TooMany;
use App\Times\PlanVisit;
use App\Times\TimeTaken;
use App\Times\VisitChoice;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;

/** Keeps the times of a visit of several services for a client (rules.md T20): of all of its parts, or of none. */
final readonly class HoldVisit
{
    /** How often it is planned anew, when somebody else was quicker with one of its parts. */
    private const TRIES = 3;

    public function __construct(
        private ConnectionInterface $db,
        private PlanVisit $plan,
        private HoldTogether $hold,
        private UseCodes $codes,
    ) {
    }

    /**
     * @param  int  $start instant of its first part
     * @return Booking the first part
     *
     * @throws TimeTaken|TooMany
     */
    public function __invoke(Business $business, VisitChoice $choice, int $start, Visitor $visitor): Booking
    {
        $visit = Id::make();
        for ($try = 1; ; $try++) {
            $wishes = array_map(
                static fn (Wish $wish): Wish => $wish->ofVisit($visit),
                $this->plan->at($business, $choice, $start),
            );
            try {
                return $this->priced($business, ($this->hold)($business, $wishes, $visitor));
            } catch (TimeTaken $taken) {
                if ($try === self::TRIES) {
                    throw $taken;
                }
            }
        }
    }

    /**
     * As one order: how often somebody comes is counted with all of its parts (rules.md P5).
     *
     * @param  non-empty-list<Booking>  $parts
     * @return Booking the first part
     */
    private function priced(Business $business, array $parts): Booking
    {
        $this->db->transaction(fn (): array => $this->codes->sellFor($business, $parts, []), attempts: 5);

        return $parts[0];
    }
}
