<?php

declare(strict_types=1);

namespace App\Board;

use App\Bookings\RulesReader;
use App\Ledger\Balance;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Member;
use App\Models\Session;
use App\Roster\Mark;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Collection;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** One day of the Board: lanes with open time and tags on one ruler, and the fortnight around it. */
final readonly class BoardReader
{
    private const FORTNIGHT = 14;

    /** Hours shown where nothing is open and nothing booked. */
    private const QUIET_FROM = 8;

    private const QUIET_TO = 18;

    /** Where more hours than these would stand on the ruler, the night is left out. */
    private const LONGEST_HOURS = 13;

    private const NIGHT_ENDS = 7;

    private const NIGHT_BEGINS = 22;

    public function __construct(private RulesReader $rules, private Clock $clock)
    {
    }

    /**
     * @param  int|null  $asked day number; null: today
     * @param  string|null  $only the one staff member whose day is shown; null: everybody's
     * @return array<string, mixed>
     */
    public function of(Business $business, ?int $asked, ?string $only = null): array
    {
        $book = $this->rules->book($business);
        $book = $only === null ? $book : $book->with(staff: array_intersect_key($book->staff, [$only => 1]));
        $now = $this->clock->minute();
        $today = $book->zone->day($now);
        $day = $asked ?? $today;
        $monday = $day - Wall::weekday($day);
        $open = $this->open($book, $monday, $monday + self::FORTNIGHT - 1);
        $bookings = $this->bookings($business, $book, $monday, $monday + self::FORTNIGHT - 1)
            ->filter(static fn (Booking $booking): bool => $only === null || $booking->isWith($only))->values();
        $span = $book->zone->dates($day, $day);
        $tags = $bookings->filter(fn (Booking $booking): bool => ! Timeline::between(Instants::minute($booking->taken_from), Instants::minute($booking->taken_until))->intersect($span)->isEmpty())->values();
        $sessions = $this->sessions($business, $span)->filter(static fn (Session $session): bool => $only === null || in_array($only, $session->staff_ids, true))->values();
        $staff = $business->staff()->get()->filter(fn (Member $member): bool => isset($book->staff[$member->id]) && ($member->active || $tags->contains(static fn (Booking $booking): bool => $booking->staff->contains('id', $member->id))
            || $sessions->contains(static fn (Session $session): bool => in_array($member->id, $session->staff_ids, true))))->values();

        return [
            'business' => ['slug' => $business->slug, 'name' => $business->name, 'timeZone' => $business->time_zone, 'currency' => $business->currency, 'clock' => $business->clock],
            'requests' => $this->requests($business, $only),
            'date' => Wall::date($day),
            'today' => Wall::date($today),
            'now' => Wall::writeInstant($now),
            'version' => $this->version($business),
            'ruler' => $this->ruler($book, $day, $open, $tags->concat($sessions)),
            'lanes' => $staff->map(fn (Member $member): array => $this->lane($book, $member, $day, $open[$member->id], $tags, $sessions))->all(),
            'tags' => (new Tags($book))->of($tags, $sessions),
            'ribbon' => $this->ribbon($book, $monday, $open, $bookings),
            'takings' => $this->takings($tags, $book, $day),
        ];
    }

    /** @return list<array<string, mixed>> bookings of any day that wait for a yes, the oldest first */
    private function requests(Business $business, ?string $only): array
    {
        return Booking::query()->where('business_id', $business->id)->where('state', 'pending')->where('starts_at', '>', $this->clock->now())->orderBy('created_at')->limit(20)->get()
            ->filter(static fn (Booking $booking): bool => $only === null || $booking->isWith($only))
            ->map(static fn (Booking $booking): array => ['id' => $booking->id, 'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'), 'service' => $booking->service_name, 'client' => $booking->contact['name'] ?? ''])->values()->all();
    }

    /** Grows with everything that happens to the bookings of this business. */
    public function version(Business $business): int
    {
        return (int) BookingChange::query()->where('business_id', $business->id)->max('id');
    }

    /** @return array<string, Timeline> by staff member: open at any location */
    private function open(RuleBook $book, int $fromDay, int $toDay): array
    {
        $time = new OpenTime($book, $fromDay - 1, $toDay + 1);
        $open = [];
        foreach ($book->staff as $member) {
            $open[$member->id] = Timeline::none();
            foreach ($member->active ? $book->locations : [] as $location) {
                $open[$member->id] = $open[$member->id]->union($time->ofMember($member, $location));
            }
        }

        return $open;
    }

    /** @return Collection<int, Booking> */
    private function bookings(Business $business, RuleBook $book, int $fromDay, int $toDay): Collection
    {
        $edges = $book->zone->dates($fromDay, $toDay)->stretches();

        return Booking::query()->where('business_id', $business->id)
            ->where('taken_from', '<', Instants::toDatabase($edges[count($edges) - 1][1]))
            ->where('taken_from', '>=', Instants::toDatabase($edges[0][0] - $business->longest_taken))
            ->where('taken_until', '>', Instants::toDatabase($edges[0][0]))
            ->whereNotIn('state', ['cancelled', 'declined', 'expired'])
            ->where(fn ($query) => $query->where('state', '!=', 'held')->orWhere('held_until', '>', $this->clock->now()))
            ->with(['staff:id,name', 'payments'])->orderBy('starts_at')->get();
    }

    /**
     * @param  Collection<int, Booking>  $tags
     * @param  Collection<int, Session>  $sessions
     * @return array<string, mixed>
     */
    private function lane(RuleBook $book, Member $member, int $day, Timeline $open, Collection $tags, Collection $sessions): array
    {
        $span = $book->zone->dates($day, $day);
        $mine = $tags->filter(static fn (Booking $booking): bool => $booking->staff->contains('id', $member->id));
        $led = $sessions->filter(static fn (Session $session): bool => in_array($member->id, $session->staff_ids, true));
        $taken = Timeline::of($mine->concat($led)->map(static fn (Booking|Session $booking): array => [Instants::minute($booking->taken_from), Instants::minute($booking->taken_until)])->values()->all());
        $breaks = $book->staff[$member->id]->breaks?->between($day - 1, $day, $book->zone) ?? Timeline::none();
        [$off, $busy] = [$book->staff[$member->id]->off(), $book->staff[$member->id]->busy()];

        return [
            'staff' => Mark::of($member),
            'open' => self::written($open->intersect($span)),
            'breaks' => self::written($breaks->intersect($span)),
            'off' => self::written($off->intersect($span)),
            'busy' => self::written($busy->intersect($span)),
            'freeMinutes' => self::minutes($open->intersect($span)->intersect(Timeline::between($this->clock->minute(), PHP_INT_MAX))->subtract($taken)->subtract($off)->subtract($busy)), // what has passed is not open any more
        ];
    }

    /** @return Collection<int, Session> */
    private function sessions(Business $business, Timeline $span): Collection
    {
        $stretches = $span->stretches();

        return $stretches === [] ? new Collection : Session::query()->where('business_id', $business->id)->where('state', 'scheduled')
            ->where('taken_from', '<', Instants::toDatabase($stretches[count($stretches) - 1][1]))
            ->where('taken_from', '>=', Instants::toDatabase($stretches[0][0] - $business->longest_taken))
            ->where('taken_until', '>', Instants::toDatabase($stretches[0][0]))
            ->with('service:id,name')->orderBy('starts_at')->get();
    }

    /**
     * The hours the day is drawn on: whole hours around all that is open or taken.
     *
     * @param  array<string, Timeline>  $open
     * @param  \Illuminate\Support\Collection<int, Booking|Session>  $tags
     * @return array<string, mixed>
     */
    private function ruler(RuleBook $book, int $day, array $open, \Illuminate\Support\Collection $tags): array
    {
        $span = $book->zone->dates($day, $day);
        $edges = [];
        foreach ($open as $timeline) {
            array_push($edges, ...array_merge(...$timeline->intersect($span)->stretches()));
        }
        foreach ($tags as $booking) {
            $taken = Timeline::between(Instants::minute($booking->taken_from), Instants::minute($booking->taken_until))->intersect($span);
            array_push($edges, ...array_merge(...$taken->stretches()));
        }
        $midnight = $book->zone->first($day * Wall::DAY);
        $start = $edges === [] ? $book->zone->first($day * Wall::DAY + self::QUIET_FROM * 60) : $midnight + intdiv(min($edges) - $midnight, 60) * 60;
        $end = $edges === [] ? $book->zone->first($day * Wall::DAY + self::QUIET_TO * 60) : $midnight + (int) ceil((max($edges) - $midnight) / 60) * 60;
        if ($end - $start > self::LONGEST_HOURS * 60) { // a night on one day: what reaches into it is cut off where the ruler ends
            $start = max($start, $book->zone->first($day * Wall::DAY + self::NIGHT_ENDS * 60));
            $end = min($end, $book->zone->first($day * Wall::DAY + self::NIGHT_BEGINS * 60));
        }
        $ticks = [];
        for ($t = $start; $t <= $end; $t += 60) {
            $ticks[] = Wall::writeInstant($t);
        }

        return ['start' => Wall::writeInstant($start), 'end' => Wall::writeInstant($end), 'ticks' => $ticks];
    }

    /**
     * @param  array<string, Timeline>  $open
     * @param  Collection<int, Booking>  $bookings
     * @return list<array<string, mixed>>
     */
    private function ribbon(RuleBook $book, int $monday, array $open, Collection $bookings): array
    {
        [$count, $taken] = [[], []];
        foreach ($bookings as $booking) {
            $day = $book->zone->day(Instants::minute($booking->starts_at));
            $count[$day] = ($count[$day] ?? 0) + 1;
            $taken[$day] = ($taken[$day] ?? 0) + $booking->minutes * $booking->staff->count();
        }
        $days = [];
        for ($day = $monday; $day < $monday + self::FORTNIGHT; $day++) {
            $span = $book->zone->dates($day, $day);
            $minutes = array_sum(array_map(static fn (Timeline $timeline): int => self::minutes($timeline->intersect($span)), $open));
            $days[] = [
                'date' => Wall::date($day), 'bookings' => $count[$day] ?? 0, 'openMinutes' => $minutes,
                'fill' => $minutes === 0 ? 0.0 : round(min(1, ($taken[$day] ?? 0) / $minutes), 3),
            ];
        }

        return $days;
    }

    /**
     * @param  Collection<int, Booking>  $tags
     * @return array{bookings: int, total: int, due: int}
     */
    private function takings(Collection $tags, RuleBook $book, int $day): array
    {
        $today = $tags->filter(fn (Booking $booking): bool => $book->zone->day(Instants::minute($booking->starts_at)) === $day && $booking->state->value !== 'held');

        return [
            'bookings' => $today->count(),
            'total' => (int) $today->sum('price'),
            'due' => (int) $today->sum(static fn (Booking $booking): int => Balance::of($booking)->due),
        ];
    }

    /** @return list<array{from: string, to: string}> */
    private static function written(Timeline $timeline): array
    {
        return array_map(static fn (array $stretch): array => ['from' => Wall::writeInstant($stretch[0]), 'to' => Wall::writeInstant($stretch[1])], $timeline->stretches());
    }

    private static function minutes(Timeline $timeline): int
    {
        return array_sum(array_map(static fn (array $stretch): int => $stretch[1] - $stretch[0], $timeline->stretches()));
    }
}
