<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Language\Sentence;
use App\Models\Business;
use App\Models\Session;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Refusal;
use App\Times\Claims;
use App\Times\ReachBack;
use App\Times\RulesReader;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service as ServiceRules;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\Gathering;
use YardBell\Core\Booking\GatheringDate;
use YardBell\Core\Booking\Scheduling;

/** Schedules sessions of a service (rules.md T15): all that are asked for, or none. */
final readonly class Schedule
{
    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private Claims $claims,
        private Clock $clock,
        private SessionHistory $history,
    ) {
    }

    /**
     * @param  string  $series of those that are scheduled together, made up by whoever asks: asked for again, they are
     *   the same
     * @param  non-empty-list<int>  $starts instants
     * @return list<Session> in order of time
     *
     * @throws Refusal where one of them cannot be held then
     */
    public function __invoke(
        Business $business,
        string $series,
        Gathering $gathering,
        array $starts,
        string $by,
    ): array {
        sort($starts);
        if ($starts[0] < $this->clock->minute()) {
            throw new Refusal(new Sentence('refusal.session.past'), 422, 'past');
        }

        return $this->db->transaction(function () use ($business, $series, $gathering, $starts, $by): array {
            $this->claim($business, $gathering, $starts);
            if (Session::query()->where('business_id', $business->id)->where('series_id', $series)->exists()) {
                return self::of($business, $series);
            }
            $book = $this->rules->bookNow($business);
            foreach ($this->slots($business, $book, $gathering, $starts) as $slot) {
                $this->write(
                    business: $business,
                    service: $book->services[$gathering->service],
                    series: $series,
                    places: $gathering->places,
                    slot: $slot,
                    by: $by,
                );
            }

            return self::of($business, $series);
        }, attempts: 5);
    }

    /**
     * All that may be needed on each date: its people, and every unit of which some are needed.
     *
     * @param  list<int>  $starts
     */
    private function claim(Business $business, Gathering $gathering, array $starts): void
    {
        $book = $this->rules->book($business);
        $service = $book->services[$gathering->service];
        $takers = $gathering->takers($book);
        foreach ($starts as $start) {
            $this->claims->take(
                $business,
                $takers,
                $start - $service->setup,
                $start + $gathering->minutes + $service->clearup,
            );
        }
    }

    /**
     * @param  non-empty-list<int>  $starts sorted
     * @return list<Slot> what each takes, those before it counting
     *
     * @throws Refusal
     */
    private function slots(Business $business, RuleBook $book, Gathering $gathering, array $starts): array
    {
        $zone = $book->zone;
        $now = $this->clock->minute();
        $diary = $this->rules->diaryBetween(
            $business,
            $book,
            $zone->day($starts[0]),
            $zone->day($starts[count($starts) - 1] + $gathering->minutes),
        );
        $dates = (new Scheduling($book, $diary))->at($gathering, array_map($zone->wall(...), $starts), $now);

        // of an hour that the clocks repeat the first is meant: the second is none of these
        return array_map(
            static fn (GatheringDate $date, int $start): Slot => $date->start === $start && $date->row !== null
                ? $date->row
                : throw self::taken($business, $date),
            $dates,
            $starts,
        );
    }

    public static function taken(Business $business, GatheringDate $date): Refusal
    {
        $at = LocalTime::written(Instants::carbon($date->start), $business);

        return new Refusal(new Sentence('refusal.session.taken', ['at' => $at]), 409, 'taken');
    }

    private function write(
        Business $business,
        ServiceRules $service,
        string $series,
        int $places,
        Slot $slot,
        string $by,
    ): void {
        $session = Session::query()->create([
            'business_id' => $business->id,
            'service_id' => $service->id,
            'series_id' => $series,
            ...SessionColumns::of($service, $slot, $places),
            'state' => 'scheduled',
        ]);
        ReachBack::over($business, $session->taken_from, $session->taken_until);
        $this->history->happened($session, $by, new Sentence('history.session.scheduled'));
    }

    /** @return list<Session> */
    private static function of(Business $business, string $series): array
    {
        return array_values(
            Session::query()
                ->where('business_id', $business->id)
                ->where('series_id', $series)
                ->orderBy('starts_at')
                ->orderBy('id')
                ->get()
                ->all(),
        );
    }
}
