<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Language\Sentence;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Session;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Refusal;
use App\Times\Claims;
use App\Times\ReachBack;
use App\Times\RulesReader;
use App\Times\TellTimeOpened;
use App\Times\TimeOpened;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\Gathering;
use YardBell\Core\Booking\GatheringDate;
use YardBell\Core\Booking\Scheduling;
use YardBell\Core\Time\Wall;

/**
 * Gives a session, or it and all later ones of its series, another time, length, place, other people or places: all of
 * them, or none. Later ones move by as many days, and to the same time of day. Their bookings move with them; FollowUp
 * tells their clients, one by one.
 */
final readonly class ChangeSessions
{
    /** Days around them on which a nearest start is looked for. */
    private const AROUND = 7;

    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private Claims $claims,
        private Clock $clock,
        private SessionList $list,
        private SessionHistory $history,
        private TellTimeOpened $tell,
    ) {
    }

    /**
     * What would become of each; nothing is done.
     *
     * @param  int  $wall when the one that is named would start
     * @return list<PlannedChange>
     */
    public function tried(Business $business, Session $session, Gathering $gathering, int $wall, bool $later): array
    {
        $sessions = $this->sessions($business, CancelSessions::which($session, $later));

        return $this->planned(
            business: $business,
            book: $this->rules->book($business),
            sessions: $sessions,
            named: $session,
            gathering: $gathering,
            wall: $wall,
        );
    }

    /**
     * @param  int  $wall when the one that is named starts
     * @param  bool  $told whether their clients are mailed
     * @param  string|null  $seen the version of the one that is named, as it was shown (SessionHistory); null: any
     *
     * @throws Refusal where one of them cannot be so, has begun, has more people than places, or somebody was quicker
     */
    public function __invoke(
        Business $business,
        Session $session,
        Gathering $gathering,
        int $wall,
        bool $later,
        bool $told,
        string $by,
        ?string $seen = null,
    ): void {
        $this->db->transaction(function () use (
            $business,
            $session,
            $gathering,
            $wall,
            $later,
            $told,
            $by,
            $seen,
        ): void {
            $ids = CancelSessions::which($session, $later);
            $sessions = $this->sessions($business, $ids);
            $this->claim(business: $business, sessions: $sessions, named: $session, gathering: $gathering, wall: $wall);
            Lock::on(Session::query()->where('business_id', $business->id)->whereKey($ids));
            $sessions = $this->sessions($business, $ids);
            $named = array_column($sessions, null, 'id')[$session->id]; // as it is now: asked twice it moves once
            $book = $this->rules->bookNow($business);
            $plan = $this->planned(
                business: $business,
                book: $book,
                sessions: $sessions,
                named: $named,
                gathering: $gathering,
                wall: $wall,
            );
            $changed = array_filter(
                $plan,
                fn (PlannedChange $one): bool => $this->fill($business, $book, $one, $gathering),
            );
            if ($changed !== []) {
                $this->history->mustBe($named, $seen);
            }
            foreach ($changed as $one) {
                $this->put(business: $business, change: $one, told: $told, by: $by);
            }
        }, attempts: 5);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Session> in order of time
     */
    private function sessions(Business $business, array $ids): array
    {
        return array_values(
            Session::query()
                ->where('business_id', $business->id)
                ->whereKey($ids)
                ->orderBy('starts_at')
                ->orderBy('id')
                ->get()
                ->all(),
        );
    }

    /** When another one of the series would start, by the clock on the wall. */
    private static function wall(RuleBook $book, Session $one, Session $named, int $wall): int
    {
        $zone = $book->zone;
        [$own, $was] = [Instants::minute($one->starts_at), Instants::minute($named->starts_at)];
        if ($zone->wall($was) === $wall) {
            return $zone->wall($own); // its time stays, whatever theirs is
        }
        $day = $zone->day($own) + intdiv($wall, Wall::DAY) - $zone->day($was);

        return $day * Wall::DAY + $wall % Wall::DAY;
    }

    /**
     * @param  list<Session>  $sessions in order of time
     * @return list<PlannedChange>
     */
    private function planned(
        Business $business,
        RuleBook $book,
        array $sessions,
        Session $named,
        Gathering $gathering,
        int $wall,
    ): array {
        $walls = array_map(static fn (Session $one): int => self::wall($book, $one, $named, $wall), $sessions);
        $ids = array_map(static fn (Session $one): string => $one->id, $sessions);
        $diary = $this->rules->diaryBetween(
            $business,
            $book,
            intdiv(min([PHP_INT_MAX, ...$walls]), Wall::DAY) - self::AROUND,
            intdiv(max([0, ...$walls]) + $gathering->minutes, Wall::DAY) + self::AROUND,
        );
        $dates = (new Scheduling($book, $diary->withoutSessions(...$ids)))
            ->at($gathering, $walls, $this->clock->minute());
        $taken = array_column($this->list->of($business, static fn ($query) => $query->whereKey($ids)), 'taken', 'id');

        return array_map(
            static fn (Session $one, GatheringDate $date): PlannedChange => new PlannedChange(
                $one,
                $date,
                $taken[$one->id] ?? 0,
            ),
            $sessions,
            $dates,
        );
    }

    /**
     * All that they take now and may take then.
     *
     * @param  list<Session>  $sessions
     */
    private function claim(Business $business, array $sessions, Session $named, Gathering $gathering, int $wall): void
    {
        $book = $this->rules->book($business);
        $service = $book->services[$gathering->service];
        $takers = $gathering->takers($book);
        foreach ($sessions as $one) {
            $start = $book->zone->first(self::wall($book, $one, $named, $wall));
            $this->claims->take(
                $business,
                array_values(array_unique([$one->id, ...$one->staff_ids, ...$one->units, ...$takers])),
                min(Instants::minute($one->taken_from), $start - $service->setup),
                max(Instants::minute($one->taken_until), $start + $gathering->minutes + $service->clearup),
            );
        }
    }

    /** @return bool whether it becomes another */
    private function fill(Business $business, RuleBook $book, PlannedChange $change, Gathering $gathering): bool
    {
        $slot = $this->may($business, $change, $gathering);
        $change->session->fill(
            SessionColumns::of($book->services[$gathering->service], $slot, $gathering->places),
        );

        return $change->session->isDirty();
    }

    private function put(Business $business, PlannedChange $change, bool $told, string $by): void
    {
        $session = $change->session;
        $was = (clone $session)->setRawAttributes($session->getRawOriginal());
        $before = $was->follow_up;
        $session->fill([
            'follow_up' => [
                'by' => $by,
                'why' => '',
                // who is still to be told of an earlier change is told in any case
                'told' => $told || ($before['was'] ?? []) !== [] && $before['told'],
                'was' => ($before['was'] ?? []) + $this->take($session),
            ],
        ])->save();
        ReachBack::over($business, $session->taken_from, $session->taken_until);
        $this->history->happened($session, $by, new Sentence('history.session.changed', [
            'from' => LocalTime::written($was->starts_at, $business),
            'moved' => $was->starts_at->equalTo($session->starts_at) ? 'no' : 'yes',
        ]));
        foreach ([...$was->staff_ids, ...$was->units, $session->id] as $taker) {
            $this->tell->opened(new TimeOpened(
                $business->id,
                $taker,
                Instants::minute($was->taken_from),
                Instants::minute($was->taken_until),
            ));
        }
    }

    /**
     * Its bookings take with it what they are counted by; what else it means for them follows.
     *
     * @return array<string, string> where their clients believe them to be, by booking
     */
    private function take(Session $session): array
    {
        $bookings = Booking::query()
            ->where('business_id', $session->business_id)
            ->where('session_id', $session->id)
            ->whereIn('state', CancelSessions::states());
        $known = UnsentMail::knownPlaces(array_values($bookings->get()->all()));
        $bookings->update($session->only(['starts_at', 'minutes', 'location_id', 'taken_from', 'taken_until']));

        return $known;
    }

    /** @throws Refusal */
    private function may(Business $business, PlannedChange $change, Gathering $gathering): Slot
    {
        $session = $change->session;
        if ($session->state !== 'scheduled' || $session->starts_at <= $this->clock->now()) {
            throw new Refusal(new Sentence('refusal.session.begun'), 409, 'too_late');
        }
        if ($change->date->start < $this->clock->minute()) {
            throw new Refusal(new Sentence('refusal.session.past'), 422, 'past');
        }
        if ($change->taken > $gathering->places) {
            throw new Refusal(
                new Sentence('refusal.session.places', [
                    'at' => LocalTime::written($session->starts_at, $business),
                    'taken' => $change->taken,
                    'places' => $gathering->places,
                ]),
                409,
                'places',
            );
        }

        return $change->date->row ?? throw Schedule::taken($business, $change->date);
    }
}
