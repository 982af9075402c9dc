<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Time\Wall;

/** The almanac: two weeks of open times of a service, or of a visit of several, day by day, on one ruler. */
final readonly class OpenTimes
{
    public const DAYS = 14;

    private const SOONEST = 3;

    /** Days from today within which the soonest starts are looked for before the days that are shown. */
    private const LOOKS_FOR = 8 * self::DAYS;

    public function __construct(
        private RulesReader $rules,
        private PlanVisit $plan,
        private KeptTimes $kept,
        private Clock $clock,
    ) {
    }

    /**
     * As it is sent, at once where it is kept.
     *
     * @param  int|null  $fromDay day number; null: today
     * @return string JSON
     */
    public function answer(Business $business, Choice $choice, ?int $fromDay): string
    {
        $now = $this->clock->minute();
        $kept = $fromDay === null ? $this->kept->of($business, $choice, $now) : null;
        if ($kept !== null) {
            return $kept;
        }
        $book = $this->rules->book($business);
        $ask = $this->ask($book, $choice, $fromDay);
        $window = RulesReader::window($book, $ask);
        $taken = $this->rules->rows($business, $window);
        $diary = fn (Ask $of): Diary => $of === $ask
            ? $taken->diary()
            : $this->rules->diary($business, $book, $of, turn: false);
        $shown = $this->shown($book, $choice, $ask, self::slots($book, $diary));
        $times = json_encode($shown, JSON_THROW_ON_ERROR);
        if ($fromDay === null) {
            $this->kept->keep($business, $choice, $now, $window, $taken, $times);
        }

        return $times;
    }

    /**
     * Of a visit of several services (rules.md T20).
     *
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed>
     */
    public function ofVisit(Business $business, VisitChoice $visit, ?int $fromDay): array
    {
        $book = $this->rules->book($business);

        return $this->shownVisit($book, $visit, $fromDay, $this->plans($business, $book, $visit));
    }

    /**
     * The first start from a date on, as far ahead as is looked for.
     *
     * @param  int  $fromDay day number
     * @return string|null instant
     */
    public function firstFrom(Business $business, Choice $choice, ?VisitChoice $visit, int $fromDay): ?string
    {
        $book = $this->rules->book($business);
        $ask = $this->ask($book, $choice, $fromDay);
        $last = $book->zone->day($ask->now) + $book->services[$choice->service]->bookAheadDays;
        $before = $choice->during($ask->fromDay - self::DAYS, $ask->fromDay - 1, $ask->now);
        $diary = fn (Ask $of): Diary => $this->rules->diary($business, $book, $of, turn: false);

        return self::next($choice, $before, $last, $visit === null
            ? self::slots($book, $diary)
            : $this->plans($business, $book, $visit));
    }

    /**
     * Where a client may move a booking or a visit to: itself is not in the way, and where it is is no move.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed>
     */
    public function ofMove(Business $business, array $parts, ?int $fromDay): array
    {
        $book = $this->rules->book($business);
        [$first] = $parts;
        $start = Instants::minute($first->starts_at);
        if (count($parts) > 1) {
            $visit = VisitChoice::of($parts);
            $moving = array_map(static fn (Booking $part): string => $part->id, $parts);
            $isThere = static fn (Slot $slot): bool => $slot->start === $start;
            $found = self::but($isThere, $this->plans($business, $book, $visit, $moving));

            return $this->shownVisit($book, $visit, $fromDay, $found);
        }
        $choice = Choice::of($first)->with(null);
        $diary = fn (Ask $of): Diary => $this->rules->diary($business, $book, $of, turn: false)->without($first->id);
        $isThere = static fn (Slot $slot): bool => $first->session_id === null
            ? $slot->start === $start && $slot->staff === $first->staff_ids
            : $slot->session === $first->session_id;
        $found = self::but($isThere, self::slots($book, $diary));

        return $this->shown($book, $choice, $this->ask($book, $choice, $fromDay), $found);
    }

    /**
     * By a rule book, which may not be saved yet.
     *
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed>
     */
    public function by(RuleBook $book, Business $business, Choice $choice, ?int $fromDay): array
    {
        $ask = $this->ask($book, $choice, $fromDay);
        $diary = fn (Ask $of): Diary => $this->rules->diary($business, $book, $of, turn: false);

        return $this->shown($book, $choice, $ask, self::slots($book, $diary));
    }

    /**
     * @param  list<string>  $moving ids of bookings that are not in its way: they are what is moved
     * @return callable(Ask, OpenTime|null=): list<Slot> each plan as the row of its first part
     */
    private function plans(Business $business, RuleBook $book, VisitChoice $visit, array $moving = []): callable
    {
        return fn (Ask $of, ?OpenTime $time = null): array => array_map(
            PlanVisit::slot(...),
            $this->plan->during($business, $book, $visit, $of->fromDay, $of->toDay, moving: $moving),
        );
    }

    /**
     * @param  callable(Slot): bool  $isLeftOut
     * @param  callable(Ask, OpenTime|null=): list<Slot>  $found
     * @return callable(Ask, OpenTime|null=): list<Slot>
     */
    private static function but(callable $isLeftOut, callable $found): callable
    {
        return static fn (Ask $of, ?OpenTime $time = null): array => array_values(
            array_filter($found($of, $time), static fn (Slot $slot): bool => ! $isLeftOut($slot)),
        );
    }

    /**
     * @param  callable(Ask, OpenTime|null=): list<Slot>  $found what is free on the dates asked for
     * @return array<string, mixed>
     */
    private function shownVisit(RuleBook $book, VisitChoice $visit, ?int $fromDay, callable $found): array
    {
        [$ask] = array_map(fn (Choice $part): Ask => $this->ask($book, $part, $fromDay), $visit->parts);
        $reaches = array_map(
            static fn (Choice $part): int => $book->services[$part->service]->bookAheadDays,
            $visit->parts,
        );

        return $this->shown($book, $visit->parts[0], $ask, $found, min($reaches));
    }

    /**
     * @param  callable(Ask): Diary  $diary
     * @return callable(Ask, OpenTime|null=): list<Slot> what is free on the dates asked for
     */
    private static function slots(RuleBook $book, callable $diary): callable
    {
        return static fn (Ask $of, ?OpenTime $time = null): array => (new SlotSearch($book, $diary($of), $time))
            ->slots($of);
    }

    private function ask(RuleBook $book, Choice $choice, ?int $fromDay): Ask
    {
        $isKnown =
            isset($book->services[$choice->service]) &&
            ($choice->member === null || isset($book->staff[$choice->member])) &&
            ($choice->location === null || isset($book->locations[$choice->location]));
        if (! $isKnown) {
            throw new NotFoundHttpException();
        }
        $now = $this->clock->minute();
        $from = max($fromDay ?? 0, $book->zone->day($now));

        return $choice->during($from, $from + self::DAYS - 1, $now);
    }

    /**
     * @param  callable(Ask, OpenTime|null=): list<Slot>  $found what is free on the dates asked for
     * @param  int|null  $reach days ahead that can be booked, of a visit of several services; null: of one service
     * @return array<string, mixed>
     */
    private function shown(RuleBook $book, Choice $choice, Ask $ask, callable $found, ?int $reach = null): array
    {
        $rules = $book->services[$choice->service];
        $today = $book->zone->day($ask->now);
        $time = OpenTime::around(
            $book,
            $rules,
            $ask,
            ($rules->lengths?->named($choice->minutes) ?? 0) + $choice->extra,
        );
        $slots = $found($ask, $time);
        $starts = Starts::of($slots, $book->zone, $rules, $reach !== null);
        $ground = $rules->hasSessions ? OpenHours::during($slots) : OpenHours::of($book, $ask, $time);
        $open = OpenHours::byDay($book, $ask, $ground);
        $none = new NoStart($book, $rules, $time, $today);
        $last = $today + ($reach ?? $rules->bookAheadDays);
        $before = self::before($choice, $ask, $today, $last, $found);
        $soonest = array_merge(
            ...array_values(Starts::of($before, $book->zone, $rules, $reach !== null)),
            ...array_values($starts),
        );

        return [
            'service' => $choice->service,
            'staff' => $choice->member,
            'party' => $choice->party,
            'minutes' => $choice->minutes,
            'location' => $choice->location,
            'today' => Wall::date($today),
            'from' => Wall::date($ask->fromDay),
            'lastDay' => Wall::date($last),
            'ruler' => OpenHours::ruler($open)->toArray(),
            'soonest' => Starts::soonest($soonest, $book, self::SOONEST),
            'next' => $starts === [] ? self::next($choice, $ask, $last, $found) : null,
            'days' => array_map(
                static fn (int $day): array => [
                    'date' => Wall::date($day),
                    'open' => $open[$day] ?? [],
                    'starts' => $starts[$day] ?? [],
                    'none' => isset($starts[$day]) ? null : $none->on($day, isset($open[$day])),
                ],
                range($ask->fromDay, $ask->toDay),
            ),
        ];
    }

    /**
     * The first start after the days that are shown, where these have none.
     *
     * @param  callable(Ask): list<Slot>  $found
     */
    private static function next(Choice $choice, Ask $ask, int $last, callable $found): ?string
    {
        $until = min($last, $ask->toDay + self::LOOKS_FOR);
        for ($day = $ask->toDay + 1; $day <= $until; $day += self::DAYS) {
            $slots = $found($choice->during($day, min($day + self::DAYS - 1, $until), $ask->now));
            if ($slots !== []) {
                return Wall::writeInstant($slots[0]->start);
            }
        }

        return null;
    }

    /**
     * The first starts between today and the first day that is shown: what is soonest does not change by turning pages.
     *
     * @param  callable(Ask): list<Slot>  $found
     * @return list<Slot>
     */
    private static function before(Choice $choice, Ask $ask, int $today, int $last, callable $found): array
    {
        $slots = [];
        $until = min($ask->fromDay, $today + min($last - $today + 1, self::LOOKS_FOR));
        for ($day = $today; $day < $until && self::startsOf($slots) < self::SOONEST; $day += self::DAYS) {
            array_push($slots, ...$found($choice->during($day, min($day + self::DAYS, $until) - 1, $ask->now)));
        }

        return $slots;
    }

    /** @param  list<Slot>  $slots */
    private static function startsOf(array $slots): int
    {
        return count(array_unique(array_map(static fn (Slot $slot): int => $slot->start, $slots)));
    }
}
