<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Id;
use App\Support\TooMany;

/** Keeps the times of a visit of several services for a client (rules.md T20): of all of its parts, or of none. */
final readonly class HoldVisit
{
    /** How often it is planned anew, when somebody else was quicker with one of its parts. */
    private const TRIES = 3;

    public function __construct(private PlanVisit $plan, private HoldTogether $hold)
    {
    }

    /**
     * @param  int  $start instant of its first part
     * @return Booking the first part
     *
     * @throws TimeTaken|TooMany
     */
    public function __invoke(Business $business, VisitChoice $choice, int $start, Visitor $visitor): Booking
    {
        $mark = Id::make();
        for ($try = 1; ; $try++) {
            $wishes = array_map(
                static fn (Wish $wish): Wish => $wish->ofVisit($mark),
                $this->plan->at($business, $choice, $start),
            );
            try {
                return ($this->hold)($business, $wishes, $visitor)[0];
            } catch (TimeTaken $taken) {
                if ($try === self::TRIES) {
                    throw $taken;
                }
            }
        }
    }
}
