<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Models\Business;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\PlanVisit;
use App\Times\RulesReader;
use App\Times\VisitChoice;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\PlannedPart;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Availability\VisitPlan;
use YardBell\Core\Time\Wall;

/**
 * What fits while somebody stands at the desk or waits on the telephone: the starts of a date and of the next ones, and
 * of one that was named why it does not. Notice and reach are for clients, not for the desk (rules.md T18).
 */
final readonly class DeskTimes
{
    /** Days from the date on in which the soonest starts are looked for. */
    private const LOOKS_FOR = 28;

    private const SOONEST = 3;

    /** And where the wish is narrowed. */
    private const MORE = 6;

    public function __construct(
        private RulesReader $rules,
        private PlanVisit $plan,
        private WhyThere $why,
        private Clock $clock,
    ) {
    }

    public static function relaxed(): Relaxed
    {
        return new Relaxed(notice: true);
    }

    /**
     * @param  VisitChoice|null  $visit where others follow that choice
     * @param  int  $day day number
     * @param  int|null  $minute since midnight, as clocks show it: the start that was named
     * @return array<string, mixed>
     */
    public function of(
        Business $business,
        Access $access,
        Choice $choice,
        ?VisitChoice $visit,
        int $day,
        ?int $minute,
        Narrowed $narrowed = new Narrowed(),
    ): array {
        $book = $this->rules->book($business);
        $now = $this->clock->minute();
        $until = $day + self::LOOKS_FOR;
        $ask = $choice->during($day, $until, $now, self::relaxed());
        $plans = $visit === null
            ? null
            : $this->plan->during(
                business: $business,
                book: $book,
                choice: $visit,
                fromDay: $day,
                toDay: $until,
                relaxed: self::relaxed(),
            );
        $found = $plans === null
            ? (new SlotSearch($book, $this->rules->diary($business, $book, $ask, turn: true)))->slots($ask)
            : array_map(PlanVisit::slot(...), $plans);
        $slots = array_values(
            array_filter(
                $found,
                static fn (Slot $slot): bool => $slot->start >= $now && $narrowed->suits($slot, $book->zone),
            ),
        );
        $today = array_filter($slots, static fn (Slot $slot): bool => $book->zone->day($slot->start) === $day);
        $later = array_slice($slots, count($today));
        $at = $minute === null ? null : $book->zone->first($day * Wall::DAY + $minute);

        return [
            'date' => Wall::date($day),
            'starts' => self::starts($today),
            'soonest' => array_slice(self::starts($later), 0, $narrowed->isAny() ? self::MORE : self::SOONEST),
            'named' => $at === null ? null : $this->named(
                business: $business,
                access: $access,
                book: $book,
                ask: $ask,
                at: $at,
                plans: $plans,
            ),
        ];
    }

    /**
     * @param  array<int, Slot>  $slots in order of time
     * @return list<array{at: string, staff: list<string>}> with those who could take it
     */
    private static function starts(array $slots): array
    {
        $starts = [];
        foreach ($slots as $slot) {
            $starts[$slot->start] ??= ['at' => Wall::writeInstant($slot->start), 'staff' => []];
            array_push($starts[$slot->start]['staff'], ...$slot->staff);
        }

        return array_values($starts);
    }

    /**
     * Whether it can be had, else what stands in the way for each who could take it; of a visit, of its first part.
     *
     * @param  list<VisitPlan>|null  $plans
     * @return array<string, mixed>
     */
    private function named(
        Business $business,
        Access $access,
        RuleBook $book,
        Ask $ask,
        int $at,
        ?array $plans,
    ): array {
        $verdicts = $this->why->verdicts($business, $book, $ask, $at);
        $plan = self::beginning($plans ?? [], $at);
        $alone = array_filter($verdicts, static fn (Verdict $verdict): bool => $verdict->isOffered()) !== [];

        return [
            'at' => Wall::writeInstant($at),
            'offered' => $plans === null ? $alone : $plan !== null,
            'parts' => array_map(self::part(...), $plan->parts ?? []),
            'restFails' => $plans !== null && $plan === null && $alone,
            'rows' => $this->why->rows(
                business: $business,
                access: $access,
                book: $book,
                ask: $ask,
                at: $at,
                verdicts: $verdicts,
            ),
        ];
    }

    /** @param  list<VisitPlan>  $plans */
    private static function beginning(array $plans, int $at): ?VisitPlan
    {
        foreach ($plans as $plan) {
            if ($plan->start() === $at) {
                return $plan;
            }
        }

        return null;
    }

    /** @return array{service: string, at: string, staff: list<string>} */
    private static function part(PlannedPart $part): array
    {
        return ['service' => $part->service, 'at' => Wall::writeInstant($part->start), 'staff' => $part->staff];
    }
}
