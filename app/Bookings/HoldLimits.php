<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\TooMany;
use Illuminate\Database\Connection;
use stdClass;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Time\Timeline;

/**
 * Nobody closes a calendar by holding it. Holds that are not booked yet are limited for one network, and together they
 * never take more than half of a date's open time, or of a session's places; a few are always given. Whoever is known
 * to the business is limited to their own holds alone, so that nobody locks them out.
 */
final readonly class HoldLimits
{
    /** So many at once are always given, however little is open. */
    private const FEW = 3;

    public function __construct(
        private Connection $db,
        private Clock $clock,
        private Claims $claims,
        private int $mostOfOne,
    ) {
    }

    /**
     * Within the transaction that holds the claims of what is taken.
     *
     * @throws TooMany
     */
    public function check(Business $business, RuleBook $book, Slot $slot, Wish $wish, Visitor $visitor): void
    {
        $this->claims->take(
            $business,
            ["VISITOR {$visitor->mark}"],
            $this->clock->minute(),
            $this->clock->minute() + 1,
        ); // counted by one at a time
        $live = $this->live($business);
        $own = array_values(
            array_filter(
                $live,
                static fn (stdClass $hold): bool => $hold->visitor === $visitor->mark &&
                    ($wish->visit === null || $hold->visit_id !== $wish->visit),
            ),
        );
        $visits = array_unique(array_map(static fn (stdClass $hold): string => $hold->visit_id ?? $hold->id, $own));
        if ($own !== [] && count($visits) >= $this->mostOfOne) {
            throw $this->refusal(
                'by_one',
                $own,
                ['most' => $this->mostOfOne],
            );
        }
        if ($visitor->client !== null) {
            return;
        }
        $this->checkBooked($business, $visitor);
        if ($slot->session === null) {
            $this->checkDate($book, $slot, $live);
        } else {
            $this->checkSession($slot, $wish->choice->party, $live);
        }
    }

    /**
     * Whoever books and books is asked to prove their address after as many as may be held, and stopped after twice as
     * many.
     */
    private function checkBooked(Business $business, Visitor $visitor): void
    {
        $booked = $this->db
            ->table('bookings')
            ->where('business_id', $business->id)
            ->where('visitor', $visitor->mark)
            ->whereIn('state', ['pending', 'confirmed'])
            ->where('created_at', '>', $this->clock->now()->subHour())
            ->distinct()
            ->count($this->db->raw('coalesce(visit_id, id)'));
        if ($booked >= 2 * $this->mostOfOne) {
            throw new TooMany(
                new Sentence('refusal.held.by_one_booked', ['booked' => $booked]),
                3600,
                'too_many_bookings',
            );
        }
        if ($booked >= $this->mostOfOne) {
            // after it: the business's own row would be locked for all who book there
            $this->db->afterCommit(fn () => ProofOfAddress::abused($business, $this->clock->now()));
        }
    }

    /** @param  list<stdClass>  $live */
    private function checkDate(RuleBook $book, Slot $slot, array $live): void
    {
        $day = $book->zone->day($slot->start);
        $same = array_values(
            array_filter(
                $live,
                static fn (stdClass $hold): bool => $hold->session_id === null &&
                    $book->zone->day((int) $hold->start) === $day,
            ),
        );
        $held = array_sum(
            array_map(
                static fn (stdClass $hold): int => $hold->minutes * substr_count($hold->staff_ids, '","') +
                    $hold->minutes,
                $same,
            ),
        );
        $wanted = ($slot->end - $slot->start) * count($slot->staff);
        if (count($same) >= self::FEW && 2 * ($held + $wanted) > self::openMinutes($book, $day)) {
            throw $this->refusal(
                'of_day',
                $same,
            );
        }
    }

    /** @param  list<stdClass>  $live */
    private function checkSession(Slot $slot, int $party, array $live): void
    {
        $same = array_values(
            array_filter($live, static fn (stdClass $hold): bool => $hold->session_id === $slot->session),
        );
        $held = array_sum(array_column($same, 'party'));
        if (count($same) >= self::FEW && $held + $party > $slot->places) {
            // as many again must stay free
            throw $this->refusal(
                'of_session',
                $same,
            );
        }
    }

    /** What all people who can be booked are open for on a date, together. */
    private static function openMinutes(RuleBook $book, int $day): int
    {
        $time = new OpenTime($book, $day - 1, $day + 1);
        $span = $book->zone->dates($day, $day);
        $bookable = array_unique(
            array_merge(
                ...array_map(static fn (Service $service): array => $service->staff, array_values($book->services)),
            ),
        );
        $minutes = 0;
        foreach ($bookable as $id) {
            $open = Timeline::none();
            foreach ($book->staff[$id]->active ? $book->locations : [] as $location) {
                $open = $open->union($time->ofMember($book->staff[$id], $location));
            }
            foreach ($open->intersect($span)->stretches() as [$from, $to]) {
                $minutes += $to - $from;
            }
        }

        return $minutes;
    }

    /** @return list<stdClass> holds that are not booked yet, the first to end first */
    private function live(Business $business): array
    {
        /** @var list<stdClass> */
        return $this->db->select(
            "select id, visit_id, visitor, session_id, staff_ids, minutes, party,
                timestampdiff(minute, '1970-01-01', starts_at) as start,
                timestampdiff(minute, '1970-01-01', held_until) as until
            from bookings
            where business_id = ? and state = 'held' and held_until > ? and visitor is not null
            order by held_until",
            [$business->id, Instants::toDatabase($this->clock->minute())],
        );
    }

    /**
     * @param  non-empty-list<stdClass>  $holds
     * @param  array<string, int>  $parameters
     */
    private function refusal(string $why, array $holds, array $parameters = []): TooMany
    {
        $seconds = max(1, (int) $holds[0]->until - $this->clock->minute()) * 60;

        return new TooMany(
            new Sentence("refusal.held.{$why}", [...$parameters, 'wait' => TooMany::wait($seconds)]),
            $seconds,
            'too_many_holds',
        );
    }
}
