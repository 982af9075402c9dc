<?php

declare(strict_types=1);

namespace App\Board;

use App\Facts\AnswerTime;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\RulesReader;
use Carbon\CarbonImmutable;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Zone;

/** One day of the Board, lanes with open time and tags on one ruler, or the week around it. */
final readonly class BoardReader
{
    public function __construct(private RulesReader $rules, private BoardBookings $diary, private Clock $clock)
    {
    }

    /**
     * @param  string  $version as the Pulse has it
     * @return array<string, mixed>
     */
    public function of(Business $business, BoardView $looking, string $version): array
    {
        $book = $this->rules->book($business);
        $now = $this->clock->minute();
        $today = $book->zone->day($now);
        $day = $looking->day ?? $today;
        $monday = $day - Wall::weekday($day);
        $days = $looking->week ? range($monday, $monday + 6) : [$day];
        [$first, $last] = [$days[0], $days[count($days) - 1]];
        $span = $book->zone->dates($first, $last);
        $sessions = $this->diary->sessions($business, $span);
        $visits = $this->diary->visits($business, $span, $sessions);
        $shows = self::shows($looking);
        $visits = array_values(array_filter($visits, $shows));
        $ground = new LaneHours($book, $first, $last, $looking->location);
        $written = (new BoardDays(
            book: $book,
            looking: $looking,
            lanes: new Lanes($business, $book, $looking),
            ground: $ground,
            visits: $visits,
            sessions: array_values(array_filter($sessions, $shows)),
            open: $ground->people($looking->chosen),
            now: $now,
        ))->of($days);

        return [
            'business' => [
                'slug' => $business->slug,
                'name' => $business->name,
                'timeZone' => $business->time_zone,
                'currency' => $business->currency,
                'clock' => $business->clock,
            ],
            'requests' => $this->requests($business, $looking->chosen),
            ...$written[$day - $first],
            'today' => Wall::date($today),
            'now' => Wall::writeInstant($now),
            'version' => $version,
            'week' => $looking->week ? $written : [],
            'takings' => self::takings($visits, $book->zone, $first, $last),
        ];
    }

    /** @return callable(BoardBooking|Scheduled): bool whether it is of those, and there, where somebody looks */
    private static function shows(BoardView $looking): callable
    {
        return static fn (BoardBooking|Scheduled $one): bool => ($looking->location === null ||
            $one->location === $looking->location) &&
            ($looking->chosen === [] || array_intersect($looking->chosen, $one->staff) !== []);
    }

    /**
     * @param  list<string>  $only staff members; none: everybody
     * @return list<array{id: string, start: string, service: string, client: string, answerBy: string}>
     *   whoever is to be answered first at the top
     */
    private function requests(Business $business, array $only): array
    {
        $requests = $this->diary
            ->requests($business)
            ->filter(
                static fn (Booking $one): bool => $only === [] ||
                    $one->staff->pluck('id')->intersect($only)->isNotEmpty(), // who leads a session, too
            );
        $by = AnswerTime::ofEach($requests, $business);

        return array_values(
            $requests
                ->sortBy(static fn (Booking $one): CarbonImmutable => $by[$one->id])
                ->map(static fn (Booking $booking): array => [
                    'id' => $booking->id,
                    'start' => Wall::writeInstant(Instants::minute($booking->starts_at)),
                    'service' => $booking->service_name,
                    'client' => $booking->contact['name'] ?? '',
                    'answerBy' => $by[$booking->id]->format('Y-m-d\TH:i\Z'),
                ])
                ->all(),
        );
    }

    /**
     * @param  list<BoardBooking>  $visits
     * @return array{bookings: int, total: int, due: int} amounts in the minor unit
     */
    private static function takings(array $visits, Zone $zone, int $first, int $last): array
    {
        $begun = array_filter($visits, static function (BoardBooking $visit) use ($zone, $first, $last): bool {
            $day = $zone->day($visit->start);

            return $visit->state !== State::Held && $day >= $first && $day <= $last;
        });
        $due = [];
        foreach ($begun as $visit) {
            $due[$visit->visit ?? $visit->id] = $visit->balance->due; // the parts of a visit have one sale
        }

        return [
            'bookings' => count($begun),
            'total' => array_sum(array_map(static fn (BoardBooking $visit): int => $visit->price, $begun)),
            'due' => array_sum($due),
        ];
    }
}
