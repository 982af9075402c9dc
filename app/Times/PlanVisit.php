<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use App\Support\Clock;
use YardBell\Core\Availability\PlannedPart;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\VisitPlan;
use YardBell\Core\Availability\VisitSearch;

/** When a visit of several services can be had, and by whom each of them (rules.md T20). */
final readonly class PlanVisit
{
    /** Days after the wished one that are looked through for something else. */
    private const NEAR_DAYS = 3;

    private const NEAR = 4;

    public function __construct(private RulesReader $rules, private Clock $clock)
    {
    }

    /**
     * @param  list<string>  $moving ids of bookings that are not in its way: they are what is moved
     * @return list<VisitPlan> by start
     */
    public function during(
        Business $business,
        RuleBook $book,
        VisitChoice $choice,
        int $fromDay,
        int $toDay,
        Relaxed $relaxed = new Relaxed(),
        array $moving = [],
    ): array {
        $ask = $choice->during($fromDay, $toDay, $this->clock->minute(), $relaxed);
        $asks = VisitSearch::asks($book, $ask);

        if ($asks === []) {
            return [];
        }
        $diary = $this->rules->diaryOfVisit($business, $book, $asks)->without(...$moving);

        return (new VisitSearch($book, $diary))->plans($ask);
    }

    /**
     * The parts in their place, for a visit that begins then.
     *
     * @return non-empty-list<Wish>
     *
     * @throws TimeTaken
     */
    public function at(Business $business, VisitChoice $choice, int $start, Relaxed $relaxed = new Relaxed()): array
    {
        $plan = $this->plan($business, $choice, $start, $relaxed);

        return self::wishes($choice, $plan, $relaxed) ?: throw TimeTaken::near([]);
    }

    /**
     * @param  list<string>  $moving ids of bookings that are not in its way: they are what is moved
     *
     * @throws TimeTaken
     */
    public function plan(
        Business $business,
        VisitChoice $choice,
        int $start,
        Relaxed $relaxed = new Relaxed(),
        array $moving = [],
    ): VisitPlan {
        $book = $this->rules->book($business);
        $day = $book->zone->day($start);
        $plans = $this->during(
            business: $business,
            book: $book,
            choice: $choice,
            fromDay: $day,
            toDay: $day + self::NEAR_DAYS,
            relaxed: $relaxed,
            moving: $moving,
        );
        foreach ($plans as $plan) {
            if ($plan->start() === $start) {
                return $plan;
            }
        }

        throw TimeTaken::near(array_slice(array_map(self::slot(...), $plans), 0, self::NEAR));
    }

    /** A plan as the row of its first part, which is whom the client meets first. */
    public static function slot(VisitPlan $plan): Slot
    {
        [$first] = $plan->parts;

        return new Slot(
            start: $plan->start(),
            end: $plan->end(),
            location: $plan->location,
            staff: $first->staff,
            units: $first->units,
            places: 1,
            next: null,
        );
    }

    /** @return list<Wish> only the first keeps to the grid */
    private static function wishes(VisitChoice $choice, VisitPlan $plan, Relaxed $relaxed): array
    {
        return array_map(
            static fn (PlannedPart $part): Wish => new Wish(
                $choice->parts[$part->part]->with($part->staff[0])->placed($plan->location),
                $part->start,
                $relaxed->and(grid: $part !== $plan->parts[0], gaps: true),
            ),
            $plan->parts,
        );
    }
}
