<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use stdClass;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Gaps;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/**
 * What the core needs to know of a business: a fixed number of queries, however many people, days and bookings there
 * are.
 */
final readonly class RulesReader
{
    private const TAKEN = 'where business_id = ? and taken_from >= ? and taken_from < ? and taken_until > ?';

    private const TAKES = self::TAKEN." and state not in ('cancelled', 'declined', 'expired')";

    private const CHECKSUMS = 'select count(*) as many, coalesce(sum(mark), 0) as checksums';

    /** One of some stretches, from its start less the longest that is taken on. */
    private const TOUCHES = '(taken_from >= ? and taken_from < ? and taken_until > ?)';

    /** So many, two a week for a year, are asked for each: with more of them, what lies between is read as fast. */
    private const MOST_STRETCHES = 110;

    /** From its index alone. Which one is named, here and below, so that the server does not weigh ten others first. */
    private const CHECKSUMS_OF_BOOKINGS = self::CHECKSUMS.' from bookings force index (bookings_taken) '.self::TAKES;

    private const CHECKSUMS_OF_SESSIONS = self::CHECKSUMS.' from scheduled_sessions '.self::TAKEN;

    private const BOOKINGS = "
        select id, service_id, location_id, minutes, staff_ids, units, state,
            timestampdiff(minute, '1970-01-01', starts_at) as starts_at,
            session_id, setup, clearup, party, null as places,
            timestampdiff(minute, '1970-01-01', held_until) as held_until, mark
        from bookings force index (primary) ".self::TAKES;

    private const SESSIONS = "
        select id, service_id, location_id, minutes, staff_ids, units, state,
            timestampdiff(minute, '1970-01-01', starts_at),
            null, 0, 0, 0, places, null, mark
        from scheduled_sessions ".self::TAKEN;

    public function __construct(private ConnectionInterface $db, private RuleBooks $books, private Clock $clock)
    {
    }

    public function book(Business $business): RuleBook
    {
        return $this->books->of($business);
    }

    /** Within a transaction that holds claims: what is set up by now, whatever was read before. */
    public function bookNow(Business $business): RuleBook
    {
        $versions = ['rules_version', 'longest_taken'];
        $business->forceFill((array) $this->db->table('businesses')->where('id', $business->id)->first($versions));

        return $this->books->of($business->isDirty($versions) ? $business->refresh() : $business);
    }

    /** What is booked on and around the dates, of every service: one query. Whose turn it is, is not asked. */
    public function diaryBetween(Business $business, RuleBook $book, int $fromDay, int $toDay): Diary
    {
        $longest =
            max([
                0,
                ...array_map(
                    static fn (Service $service): int => $service->setup +
                        ($service->lengths->max ?? 0) +
                        $service->clearup,
                    array_values($book->services),
                ),
            ]) + $book->lookAround();

        return $this->rows(
            $business,
            new DiaryWindow(
                ($fromDay - 1) * Wall::DAY - $longest,
                ($toDay + 2) * Wall::DAY + $longest,
                $book->hasSessions(),
            ),
        )->diary();
    }

    /** The bookings, not the sessions, of any service that touch one of these stretches: one query at most. */
    public function bookingsTouching(Business $business, Timeline $stretches): Diary
    {
        if ($stretches->isEmpty()) {
            return new Diary();
        }
        [$from, $until] = $stretches->span();
        $touched = [];
        if (count($stretches->stretches()) <= self::MOST_STRETCHES) {
            foreach ($stretches->stretches() as [$start, $end]) {
                $touched[] = Instants::toDatabase($start - $business->longest_taken);
                $touched[] = Instants::toDatabase($end);
                $touched[] = Instants::toDatabase($start);
            }
        }
        $any = $touched === []
            ? ''
            : ' and ('.implode(' or ', array_fill(0, intdiv(count($touched), 3), self::TOUCHES)).')';
        $window = new DiaryWindow($from, $until, false);
        $rows = $this->read(
            business: $business,
            window: $window,
            bookings: self::BOOKINGS.$any,
            sessions: '',
            more: $touched,
        );

        return (new DiaryRows($window, $rows))->diary();
    }

    /**
     * What is booked on and around the dates asked for, as far as it can be in the way of what is asked: one query for
     * bookings and sessions together, and one for whose turn it is.
     *
     * @param  bool  $turn whether it will be asked whose turn it is (rules.md T16)
     */
    public function diary(Business $business, RuleBook $book, Ask $ask, bool $turn): Diary
    {
        return $this->rows($business, self::window($book, [$ask]))->diary(
            $turn ? [$ask->service => $this->lastTaken($business, $book->services[$ask->service])] : [],
        );
    }

    /**
     * The same for a visit of several services (rules.md T20): one query for what is booked, one a service for whose
     * turn it is.
     *
     * @param  non-empty-list<Ask>  $asks one a part
     */
    public function diaryOfVisit(Business $business, RuleBook $book, array $asks): Diary
    {
        $turns = [];
        foreach ($asks as $ask) {
            $turns[$ask->service] ??= $this->lastTaken($business, $book->services[$ask->service]);
        }

        return $this->rows($business, self::window($book, $asks))->diary($turns);
    }

    /**
     * What an appointment of an asked date can meet, whatever its zone, with set-up, clear-up and the way to it.
     *
     * @param  non-empty-list<Ask>  $asks one, or one for each part of a visit
     */
    public static function window(RuleBook $book, array $asks): DiaryWindow
    {
        $windows = array_map(static fn (Ask $ask): DiaryWindow => self::around($book, $ask), $asks);

        return new DiaryWindow(
            min(array_map(static fn (DiaryWindow $window): int => $window->from, $windows)),
            max(array_map(static fn (DiaryWindow $window): int => $window->until, $windows)),
            $book->hasSessions(),
        );
    }

    private static function around(RuleBook $book, Ask $ask): DiaryWindow
    {
        $service = $book->services[$ask->service];
        $more = Gaps::margin($book, $service);

        return new DiaryWindow(
            ($ask->fromDay - 1 - $more) * Wall::DAY - $service->setup - $book->lookAround(),
            ($ask->toDay + 2 + $more) * Wall::DAY +
                ($service->lengths->max ?? 0) +
                $ask->extra +
                $service->clearup +
                $book->lookAround(),
            $book->hasSessions(),
        );
    }

    /** What takes any of the window's instants: one query. */
    public function rows(Business $business, DiaryWindow $window): DiaryRows
    {
        return new DiaryRows($window, $this->read($business, $window, self::BOOKINGS, self::SESSIONS));
    }

    /** The checksum of what takes any of the window's instants, as DiaryRows::checksum has it, without fetching it. */
    public function checksum(Business $business, DiaryWindow $window): string
    {
        $sums = $this->read(
            $business,
            $window,
            self::CHECKSUMS_OF_BOOKINGS,
            self::CHECKSUMS_OF_SESSIONS,
        );

        return array_sum(array_column($sums, 'many')).' '.array_sum(array_column($sums, 'checksums'));
    }

    /**
     * @param  list<string>  $more what each of the two is asked besides
     * @return list<stdClass>
     */
    private function read(
        Business $business,
        DiaryWindow $window,
        string $bookings,
        string $sessions,
        array $more = [],
    ): array {
        $around = [
            $business->id,
            Instants::toDatabase($window->from - $business->longest_taken),
            Instants::toDatabase($window->until),
            Instants::toDatabase($window->from),
            ...$more,
        ];

        return $window->hasSessions
            ? $this->db->select("{$bookings} union all {$sessions}", [...$around, ...$around])
            : $this->db->select($bookings, $around);
    }

    /** @return array<string, int> by staff member: when their latest booking of the service was made */
    private function lastTaken(Business $business, Service $service): array
    {
        if (
            count($service->staff) < 2 ||
            ! in_array($service->assignment, [Assignment::Choose, Assignment::Rotate], true)
        ) {
            return [];
        }
        $latest = $this->db
            ->table('booking_staff')
            ->whereColumn('booking_staff.business_id', 'service_staff.business_id')
            ->whereColumn('booking_staff.service_id', 'service_staff.service_id')
            ->whereColumn('booking_staff.staff_id', 'service_staff.staff_id')
            ->where('holds_until', '>', Instants::toDatabase($this->clock->minute()))
            ->orderByDesc('made_at')
            ->limit(1)
            ->select('made_at');
        $rows = $this->db
            ->table('service_staff')
            ->where('business_id', $business->id)
            ->where('service_id', $service->id)
            ->select('staff_id')
            ->selectSub($latest, 'made_at')
            ->get();
        $made = [];
        foreach ($rows as $row) {
            if ($row->made_at !== null) {
                $made[$row->staff_id] = Instants::fromDatabase($row->made_at);
            }
        }

        return $made;
    }
}
