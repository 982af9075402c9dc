<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Mutex;
use Illuminate\Database\ConnectionInterface;
use stdClass;
use YardBell\Core\Availability\Slot;

/**
 * Who books takes the days of the people and units it needs first: an update of one row a taker and local date, in a
 * fixed order. Whoever comes second waits here until the first has written, and then sees what was written. Nobody else
 * waits: not for another business, person, unit or date.
 *
 * What is claimed is all that the rules look at: the padded interval, and as far around it as others can be in its way
 * (RuleBook::lookAround).
 */
final readonly class Claims
{
    /** More often nothing settles: others take what is left while it is looked at. */
    private const ROUNDS = 5;

    public function __construct(
        private ConnectionInterface $db,
        private Mutex $turn,
        private Clock $clock,
        private RulesReader $rules,
        private TellTimeOpened $tell,
    ) {
    }

    /**
     * @param  list<string>  $takers people, units, a session, a service
     * @param  int  $from instant, $until instant: all that will be taken, set-up and clear-up included
     */
    public function take(Business $business, array $takers, int $from, int $until): void
    {
        $zone = $business->zone();
        $around = $this->rules->book($business)->lookAround();
        [$from, $until] = [$from - $around, $until + $around];
        sort($takers);
        $turns = [];
        foreach ($takers as $taker) {
            for ($day = $zone->day($from); $day <= $zone->day($until - 1); $day++) {
                $turns[] = [$taker, substr(Instants::toDatabase($day * 1440), 0, 10)];
            }
        }
        if ($turns !== []) {
            $this->turn->takeEach($business->id, $turns);
        }
        $this->lapse($business, $takers, $from, $until);
    }

    /**
     * What is free once all that it takes is claimed: asked for again after every claim, until what is answered takes
     * nothing that is not.
     *
     * @param  callable(): ?Slot  $ask
     * @param  int  $before minutes of set-up
     * @param  int  $after minutes of clear-up
     * @param  list<string>  $also others that are taken with it
     */
    public function settled(Business $business, callable $ask, int $before, int $after, array $also = []): ?Slot
    {
        $claimed = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $slot = $ask();
            if ($slot === null) {
                return null;
            }
            $takers = [...$slot->session === null ? [...$slot->staff, ...$slot->units] : [$slot->session], ...$also];
            $stretch = "{$slot->start} {$slot->end}";
            $more = array_values(array_diff($takers, $claimed[$stretch] ?? []));
            if ($more === []) {
                return $slot;
            }
            $this->take($business, $more, $slot->start - $before, $slot->end + $after);
            $claimed[$stretch] = [...$claimed[$stretch] ?? [], ...$more];
        }

        return null;
    }

    /**
     * A hold that has run out loses its time for good once somebody takes it: written down here, so that no clock that
     * goes back, and no other machine's, can make it hold again. Whoever finds their hold lapsed asks the core anew.
     *
     * They are looked for first and then written one by one by their own key: an update that looks for them itself
     * would lock, and wait for, all that it looks at.
     *
     * @param  list<string>  $takers
     */
    private function lapse(Business $business, array $takers, int $from, int $until): void
    {
        $now = Instants::toDatabase($this->clock->minute());
        $held = $this->db->select(
            "select id, staff_ids, units, session_id, service_id,
                timestampdiff(minute, '1970-01-01', taken_from) as taken_from,
                timestampdiff(minute, '1970-01-01', taken_until) as taken_until
            from bookings where business_id = ? and state = 'held'
                and held_until <= ? and taken_from < ? and taken_until > ? order by id",
            [$business->id, $now, Instants::toDatabase($until), Instants::toDatabase($from)],
        );
        foreach ($held as $hold) {
            if (array_intersect(self::takersOf($hold), $takers) !== []) {
                $lapsed = $this->db->update(
                    "update bookings set held_until = null where business_id = ? and id = ? and state = 'held' and
                        held_until <= ?",
                    [$business->id, $hold->id, $now],
                );
                foreach ($lapsed === 0 ? [] : self::held($hold) as $taker) {
                    $this->tell->opened(
                        new TimeOpened($business->id, $taker, (int) $hold->taken_from, (int) $hold->taken_until),
                    );
                }
            }
        }
    }

    /** @return list<string> what may be claimed of it: who and what it holds, and its service */
    private static function takersOf(stdClass $hold): array
    {
        return [...self::held($hold), $hold->service_id];
    }

    /** @return list<string> people and units, or the session */
    private static function held(stdClass $hold): array
    {
        if ($hold->session_id !== null) {
            return [$hold->session_id];
        }
        /** @var list<string> $people */
        $people = json_decode($hold->staff_ids, true);
        /** @var list<string> $units */
        $units = json_decode($hold->units, true);

        return [...$people, ...$units];
    }
}
