<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Mutex;
use App\Support\TooMany;
use App\Times\Wish;
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
        private Mutex $turn,
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
        $this->turn->take($business->id, "VISITOR {$visitor->network}"); // counted by one at a time
        [$live, $booked] = $this->counted($business, $visitor);
        $own = array_values(
            array_filter(
                $live,
                static fn (stdClass $hold): bool => $hold->visitor === $visitor->network &&
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
        $this->checkBooked($business, $booked);
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
    private function checkBooked(Business $business, int $booked): void
    {
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
                static fn (stdClass $hold): int => $hold->minutes * max(1, self::people($hold)),
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

    private static function people(stdClass $hold): int
    {
        $ids = json_decode($hold->staff_ids, true, flags: JSON_THROW_ON_ERROR);

        return is_array($ids) ? count($ids) : 0;
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

    /** @return array{list<stdClass>, int} holds that are not booked yet, the first to end first; booked in an hour */
    private function counted(Business $business, Visitor $visitor): array
    {
        $columns = "id, visit_id, visitor, session_id, staff_ids, minutes, party, state,
            timestampdiff(minute, '1970-01-01', starts_at) as start,
            timestampdiff(minute, '1970-01-01', held_until) as until";
        $rows = $this->db->select(
            "select {$columns} from bookings
            where business_id = ? and state = 'held' and held_until > ? and visitor is not null
            union all
            select {$columns} from bookings
            where business_id = ? and visitor = ? and state in ('pending', 'confirmed') and created_at > ?
            order by until",
            [
                $business->id,
                Instants::toDatabase($this->clock->minute()),
                $business->id,
                $visitor->network,
                $this->clock->now()->subHour(),
            ],
        );
        $isHeld = static fn (stdClass $row): bool => $row->state === 'held';
        $booked = array_map(
            static fn (stdClass $row): string => $row->visit_id ?? $row->id,
            array_filter($rows, static fn (stdClass $row): bool => ! $isHeld($row)),
        );

        return [array_values(array_filter($rows, $isHeld)), count(array_unique($booked))];
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
