<?php

declare(strict_types=1);

namespace App\Board;

use App\Bookings\RulesReader;
use App\Ledger\Balance;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Session;
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
    public function __construct(private RulesReader $rules, private Diary $diary, private Clock $clock)
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
        [$monday, $span] = [$day - Wall::weekday($day), $book->zone->dates($day, $day)];
        $open = self::open($book, $monday, $monday + Ribbon::DAYS - 1);
        $fortnight = $this->diary->bookings($business, $book->zone->dates($monday, $monday + Ribbon::DAYS - 1));
        $fortnight = self::with($only, $fortnight);
        $bookings = $fortnight
            ->filter(static fn (Booking $booking): bool => ! Taken::by($booking)->intersect($span)->isEmpty())
            ->values();
        $sessions = $this->diary
            ->sessions($business, $span)
            ->filter(static fn (Session $session): bool => $only === null || in_array($only, $session->staff_ids, true))
            ->values();

        return [
            'business' => [
                'slug' => $business->slug,
                'name' => $business->name,
                'timeZone' => $business->time_zone,
                'currency' => $business->currency,
                'clock' => $business->clock,
            ],
            'requests' => self::with($only, $this->diary->requests($business))->map(self::request(...))->all(),
            'date' => Wall::date($day),
            'today' => Wall::date($today),
            'now' => Wall::writeInstant($now),
            'version' => $this->version($business),
            'ruler' => (new DayRuler($book, $day))->of($open, $bookings->toBase()->concat($sessions)),
            'lanes' => (new Lanes($book, $day, $now))->of($business, $open, $bookings, $sessions),
            'tags' => (new Tags($book))->of($bookings, $sessions),
            'ribbon' => Ribbon::of($book, $monday, $open, $fortnight),
            'takings' => self::takings($bookings, $book, $day),
        ];
    }

    /** Grows with everything that happens to the bookings of this business. */
    public function version(Business $business): int
    {
        return BookingChange::query()
            ->where('business_id', $business->id)
            ->orderByDesc('id')
            ->first(['id'])->id ?? 0;
    }

    /** @return array<string, Timeline> by staff member: open at any location */
    private static function open(RuleBook $book, int $fromDay, int $toDay): array
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

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return Collection<int, Booking>
     */
    private static function with(?string $only, Collection $bookings): Collection
    {
        return $bookings
            ->filter(static fn (Booking $booking): bool => $only === null || $booking->isWith($only))
            ->values();
    }

    /** @return array{id: string, start: string, service: string, client: string} */
    private static function request(Booking $booking): array
    {
        return [
            'id' => $booking->id,
            'start' => Wall::writeInstant(Instants::minute($booking->starts_at)),
            'service' => $booking->service_name,
            'client' => $booking->contact['name'] ?? '',
        ];
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return array{bookings: int, total: int, due: int} amounts in the minor unit
     */
    private static function takings(Collection $bookings, RuleBook $book, int $day): array
    {
        $today = $bookings->filter(
            static fn (Booking $booking): bool => $booking->state->value !== 'held' &&
                $book->zone->day(Instants::minute($booking->starts_at)) === $day,
        );

        return [
            'bookings' => $today->count(),
            'total' => array_sum($today->map(static fn (Booking $booking): int => $booking->price)->all()),
            'due' => array_sum($today->map(static fn (Booking $booking): int => Balance::of($booking)->due)->all()),
        ];
    }
}
