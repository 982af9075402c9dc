<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\VisitSearch;
use YardBell\Core\Time\Wall;

/** The almanac: two weeks of open times of a service, or of a visit of several, day by day, on one ruler. */
final readonly class OpenTimes
{
    public const DAYS = 14;

    private const SOONEST = 3;

    /** Days from today within which the soonest starts are looked for before the days that are shown. */
    private const LOOKS_FOR = 8 * self::DAYS;

    public function __construct(private RulesReader $rules, private TimesCache $kept, private Clock $clock)
    {
    }

    /**
     * As it is sent, at once where it is kept.
     *
     * @param  VisitChoice|null  $visit several services one after the other (rules.md T20); null: the one alone
     * @param  int|null  $fromDay day number; null: today
     * @return string JSON
     */
    public function answer(Business $business, Choice $choice, ?VisitChoice $visit, ?int $fromDay): string
    {
        $now = $this->clock->minute();
        $question = serialize([$visit ?? $choice, $fromDay]);
        $kept = $this->kept->of($business, $question, $now);
        if ($kept !== null) {
            return $kept;
        }
        $read = $this->read($business);
        $shown = $visit === null
            ? $this->shown($read, $choice, $this->ask($read->book, $choice, $fromDay), self::slots($read))
            : $this->shownVisit($read, $visit, $fromDay, self::plans($read, $visit));
        $times = json_encode($shown, JSON_THROW_ON_ERROR);
        $taken = $read->all();
        if (count($taken) === 1) {
            $this->kept->keep(business: $business, question: $question, now: $now, taken: $taken[0], times: $times);
        }

        return $times;
    }

    /**
     * The first start from a date on, as far ahead as is looked for.
     *
     * @param  int  $fromDay day number
     * @return string|null instant
     */
    public function firstFrom(Business $business, Choice $choice, ?VisitChoice $visit, int $fromDay): ?string
    {
        $read = $this->read($business);
        $ask = $this->ask($read->book, $choice, $fromDay);
        $last = $read->book->zone->day($ask->now) + $read->book->services[$choice->service]->bookAheadDays;
        $before = $choice->during($ask->fromDay - self::DAYS, $ask->fromDay - 1, $ask->now);

        return self::next($choice, $before, $last, $visit === null ? self::slots($read) : self::plans($read, $visit));
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
        [$first] = $parts;
        $read = $this->read($business, array_map(static fn (Booking $part): string => $part->id, $parts));
        $start = Instants::minute($first->starts_at);
        if (count($parts) > 1) {
            $visit = VisitChoice::of($parts);
            $isThere = static fn (Slot $slot): bool => $slot->start === $start;
            $found = self::but($isThere, self::plans($read, $visit));

            return $this->shownVisit($read, $visit, $fromDay, $found);
        }
        $choice = Choice::of($first)->with(null);
        $isThere = static fn (Slot $slot): bool => $first->session_id === null
            ? $slot->start === $start && $slot->staff === $first->staff_ids
            : $slot->session === $first->session_id;
        $found = self::but($isThere, self::slots($read));

        return $this->shown($read, $choice, $this->ask($read->book, $choice, $fromDay), $found);
    }

    /**
     * By a rule book, which may not be saved yet.
     *
     * @param  int|null  $fromDay day number; null: today
     * @return array<string, mixed>
     */
    public function by(RuleBook $book, Business $business, Choice $choice, ?int $fromDay): array
    {
        $read = new DiaryReads($this->rules, $business, $book);

        return $this->shown($read, $choice, $this->ask($book, $choice, $fromDay), self::slots($read));
    }

    /** @param  list<string>  $moving ids of bookings that are not in its way: they are what is moved */
    private function read(Business $business, array $moving = []): DiaryReads
    {
        return new DiaryReads($this->rules, $business, $this->rules->book($business), $moving);
    }

    /** @return callable(Ask, OpenTime|null=): list<Slot> each plan as the row of its first part */
    private static function plans(DiaryReads $read, VisitChoice $visit): callable
    {
        return static function (Ask $of, ?OpenTime $time = null) use ($read, $visit): array {
            $ask = $visit->during($of->fromDay, $of->toDay, $of->now, new Relaxed());
            $asks = VisitSearch::asks($read->book, $ask);
            $plans = $asks === [] ? [] : (new VisitSearch($read->book, $read->diary($asks)))->plans($ask);

            return array_map(PlanVisit::slot(...), $plans);
        };
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
    private function shownVisit(DiaryReads $read, VisitChoice $visit, ?int $fromDay, callable $found): array
    {
        $book = $read->book;
        [$ask] = array_map(fn (Choice $part): Ask => $this->ask($book, $part, $fromDay), $visit->parts);
        $reaches = array_map(
            static fn (Choice $part): int => $book->services[$part->service]->bookAheadDays,
            $visit->parts,
        );

        return $this->shown(read: $read, choice: $visit->parts[0], ask: $ask, found: $found, reach: min($reaches));
    }

    /** @return callable(Ask, OpenTime|null=): list<Slot> what is free on the dates asked for */
    private static function slots(DiaryReads $read): callable
    {
        return static fn (Ask $of, ?OpenTime $time = null): array => (
            new SlotSearch($read->book, $read->diary([$of]), $time)
        )->slots($of);
    }

    private function ask(RuleBook $book, Choice $choice, ?int $fromDay): Ask
    {
        $now = $this->clock->minute();
        $from = max($fromDay ?? 0, $book->zone->day($now));
        $ask = $choice->during($from, $from + self::DAYS - 1, $now);

        return $book->knows($ask) ? $ask : throw new NotFoundHttpException();
    }

    /**
     * @param  callable(Ask, OpenTime|null=): list<Slot>  $found what is free on the dates asked for
     * @param  int|null  $reach days ahead that can be booked, of a visit of several services; null: of one service
     * @return array<string, mixed>
     */
    private function shown(DiaryReads $read, Choice $choice, Ask $ask, callable $found, ?int $reach = null): array
    {
        $book = $read->book;
        $rules = $book->services[$choice->service];
        $today = $book->zone->day($ask->now);
        $time = OpenTime::around(
            $book,
            $rules,
            $ask,
            ($rules->lengths?->named($choice->minutes) ?? 0) + $choice->extra,
        );
        $slots = $found($ask, $time);
        $scheduled = $rules->hasSessions ? $read->scheduled($choice->service) : [];
        $starts = AlmanacStarts::of($slots, $book->zone, $rules, $reach !== null);
        $ground = $rules->hasSessions ? OpenHours::during($slots) : OpenHours::of($book, $ask, $time);
        $open = OpenHours::byDay($book, $ask, $ground);
        $none = new NoStart($book, $rules, $time, $today);
        $last = $today + ($reach ?? $rules->bookAheadDays);
        $before = self::before(choice: $choice, ask: $ask, today: $today, last: $last, found: $found);
        $soonest = array_merge(
            ...array_values(AlmanacStarts::of($before, $book->zone, $rules, $reach !== null)),
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
            'soonest' => AlmanacStarts::soonest($soonest, $book, self::SOONEST),
            'next' => $starts === [] ? self::next($choice, $ask, $last, $found) : null,
            'days' => array_map(
                static fn (int $day): array => [
                    'date' => Wall::date($day),
                    'open' => $open[$day] ?? [],
                    'starts' => $starts[$day] ?? [],
                    'none' => isset($starts[$day])
                        ? null
                        : $none->on($day, isset($open[$day]) || in_array($day, $scheduled, true)),
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
