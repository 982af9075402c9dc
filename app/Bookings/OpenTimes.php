<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use App\Support\Clock;
use App\Support\Ruler;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\TightDays;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

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
        $slots = static fn (OpenTime $time): array => (new SlotSearch($book, $taken->diary(), $time))->slots($ask);
        $times = json_encode($this->shown($book, $business, $choice, null, $ask, $slots), JSON_THROW_ON_ERROR);
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
        [$ask] = array_map(fn (Choice $part): Ask => $this->ask($book, $part, $fromDay), $visit->parts);
        $slots = fn (): array => $this->found($book, $business, $visit->parts[0], $visit, $ask);

        return $this->shown($book, $business, $visit->parts[0], $visit, $ask, $slots);
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
        $taken = $this->rules->rows($business, RulesReader::window($book, $ask));

        $slots = static fn (OpenTime $time): array => (new SlotSearch($book, $taken->diary(), $time))->slots($ask);

        return $this->shown($book, $business, $choice, null, $ask, $slots);
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
     * @param  callable(OpenTime): list<Slot>  $found what is free on the dates asked for
     * @return array<string, mixed>
     */
    private function shown(
        RuleBook $book,
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        Ask $ask,
        callable $found,
    ): array {
        $rules = $book->services[$choice->service];
        $today = $book->zone->day($ask->now);
        $time = OpenTime::around(
            $book,
            $rules,
            $ask,
            ($rules->lengths?->named($choice->minutes) ?? 0) + $choice->extra,
        );
        $slots = $found($time);
        $varies = $rules->hasSessions || $visit !== null;
        $starts = $this->starts($slots, $book->zone, $rules, $varies);
        $open = $this->open($book, $ask, $rules->hasSessions ? self::during($slots) : $this->hours($book, $ask, $time));
        $none = new NoStart($book, $rules, $time, $today);
        $soonest = [
            ...$this->before($book, $business, $choice, $visit, $today, $ask->fromDay),
            ...array_merge(...array_values($starts)),
        ];
        $last = $today + self::reach($book, $choice, $visit);

        return [
            'service' => $choice->service,
            'staff' => $choice->member,
            'party' => $choice->party,
            'minutes' => $choice->minutes,
            'location' => $choice->location,
            'today' => Wall::date($today),
            'from' => Wall::date($ask->fromDay),
            'lastDay' => Wall::date($last),
            'ruler' => self::ruler($open)->toArray(),
            'soonest' => self::best($soonest, $book),
            'next' => $starts === [] ? $this->next($book, $business, $choice, $visit, $ask, $last) : null,
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
     * The first, of each date those that leave no gap before the others (rules.md T21), in order of time.
     *
     * @param  list<array{at: string, suits?: bool, ...}>  $starts in order of time
     * @return list<array{at: string, suits?: bool, ...}>
     */
    private static function best(array $starts, RuleBook $book): array
    {
        if ($book->tightDays === TightDays::Off) {
            return array_slice($starts, 0, self::SOONEST);
        }
        $rank = static fn (array $start): array => [
            $book->zone->day(Wall::instant($start['at'])),
            ($start['suits'] ?? true) ? 0 : 1,
            $start['at'],
        ];
        usort($starts, static fn (array $a, array $b): int => $rank($a) <=> $rank($b));
        $best = array_slice($starts, 0, self::SOONEST);
        usort($best, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $best;
    }

    /** Days ahead that can be booked: of a visit, those of the part that can be booked least far. */
    private static function reach(RuleBook $book, Choice $choice, ?VisitChoice $visit): int
    {
        return min(array_map(
            static fn (Choice $part): int => $book->services[$part->service]->bookAheadDays,
            $visit->parts ?? [$choice],
        ));
    }

    /** @return list<Slot> a visit's plans each as a row of its own */
    private function found(RuleBook $book, Business $business, Choice $choice, ?VisitChoice $visit, Ask $ask): array
    {
        return $visit === null
            ? (new SlotSearch($book, $this->rules->diary($business, $book, $ask, turn: false)))->slots($ask)
            : array_map(
                PlanVisit::slot(...),
                $this->plan->during($business, $book, $visit, $ask->fromDay, $ask->toDay),
            );
    }

    /** The first start after the days that are shown, where these have none. */
    private function next(
        RuleBook $book,
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        Ask $ask,
        int $last,
    ): ?string {
        $until = min($last, $ask->toDay + self::LOOKS_FOR);
        for ($day = $ask->toDay + 1; $day <= $until; $day += self::DAYS) {
            $later = $choice->during($day, min($day + self::DAYS - 1, $until), $ask->now);
            $slots = $this->found($book, $business, $choice, $visit, $later);
            if ($slots !== []) {
                return Wall::writeInstant($slots[0]->start);
            }
        }

        return null;
    }

    /**
     * The first starts between today and the first day that is shown: what is soonest does not change by turning pages.
     *
     * @return list<array{at: string, suits?: bool, ...}>
     */
    private function before(
        RuleBook $book,
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        int $today,
        int $from,
    ): array {
        [$soon, $service] = [[], $book->services[$choice->service]];
        $until = min($from, $today + min(self::reach($book, $choice, $visit) + 1, self::LOOKS_FOR));
        for ($day = $today; $day < $until && count($soon) < self::SOONEST; $day += self::DAYS) {
            $ask = $choice->during($day, min($day + self::DAYS, $until) - 1, $this->clock->minute());
            $slots = $this->found($book, $business, $choice, $visit, $ask);
            $starts = $this->starts($slots, $book->zone, $service, $visit !== null);
            $soon = [...$soon, ...array_merge(...array_values($starts))];
        }

        return $soon;
    }

    /**
     * @param  list<Slot>  $slots
     * @param  bool  $varies whether each lasts as long as it lasts: sessions, visits of several services
     * @return array<int, list<array{
     *     at: string, minute: int, part: string, staff: list<string>, places: int|null, minutes: int|null,
     *     suits?: bool,
     * }>> by day number
     */
    private function starts(array $slots, Zone $zone, Service $service, bool $varies): array
    {
        $shared = $service->isShared() || $service->hasSessions;
        $starts = [];
        foreach ($slots as $slot) {
            $wall = $zone->wall($slot->start);
            $day = (int) floor($wall / Wall::DAY);
            $minute = $wall - $day * Wall::DAY;
            $starts[$day][$slot->start] ??= [
                'at' => Wall::writeInstant($slot->start),
                'minute' => $minute,
                'part' => self::part($minute),
                'staff' => [],
                'places' => $shared ? 0 : null,
                'minutes' => $varies ? $slot->end - $slot->start : null,
            ];
            if ($slot->tight !== null) {
                $starts[$day][$slot->start]['suits'] = $slot->tight || ($starts[$day][$slot->start]['suits'] ?? false);
            }
            if ($shared) {
                $starts[$day][$slot->start]['places'] = max($starts[$day][$slot->start]['places'], $slot->places);
            }
            array_push($starts[$day][$slot->start]['staff'], ...$slot->staff);
        }

        return array_map(array_values(...), $starts);
    }

    private static function part(int $minute): string
    {
        return match (true) {
            $minute < 12 * 60 => 'morning',
            $minute < 17 * 60 => 'afternoon',
            default => 'evening',
        };
    }

    /** @param  list<Slot>  $slots */
    private static function during(array $slots): Timeline
    {
        return Timeline::of(array_map(static fn (Slot $slot): array => [$slot->start, $slot->end], $slots));
    }

    private function hours(RuleBook $book, Ask $ask, OpenTime $time): Timeline
    {
        $service = $book->services[$ask->service];
        $open = Timeline::none();
        foreach ($ask->staff === null ? $service->staff : [$ask->staff] as $member) {
            foreach ($ask->location === null ? $service->locations : [$ask->location] as $location) {
                if ($book->staff[$member]->active) {
                    $open = $open->union($time->of($book->staff[$member], $book->locations[$location], $service));
                }
            }
        }

        return $open;
    }

    /** @return array<int, list<array{from: int, to: int}>> by day number, in minutes of the day as clocks show them */
    private function open(RuleBook $book, Ask $ask, Timeline $open): array
    {
        $days = [];
        for ($day = $ask->fromDay; $day <= $ask->toDay; $day++) {
            foreach ($open->intersect($book->zone->dates($day, $day))->stretches() as [$start, $end]) {
                $from = $book->zone->wall($start) - $day * Wall::DAY;
                $days[$day][] = [
                    'from' => $from,
                    'to' => max($from, $book->zone->wall($end - 1) + 1 - $day * Wall::DAY),
                ];
            }
        }

        return $days;
    }

    /** @param  array<int, list<array{from: int, to: int}>>  $open */
    private static function ruler(array $open): Ruler
    {
        $all = array_merge(...array_values($open));

        return Ruler::around([...array_column($all, 'from'), ...array_column($all, 'to')]);
    }
}
