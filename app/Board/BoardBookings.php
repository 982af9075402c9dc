<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\AskedToPay;
use App\Models\Booking;
use App\Models\Business;
use App\Sales\Balance;
use App\Sales\SaleSums;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use stdClass;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Timeline;

/**
 * What the Board reads of a business's bookings and sessions: a fixed number of queries, and rows instead of models,
 * for a day may have hundreds.
 */
final readonly class BoardBookings
{
    private const MOST_REQUESTS = 20;

    private const MINUTE = "timestampdiff(minute, '1970-01-01', %1\$s) as %1\$s";

    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    /**
     * @param  list<Scheduled>  $sessions those of the same time
     * @return list<BoardBooking> what takes some of this time, in order of their starts
     */
    public function visits(Business $business, Timeline $span, array $sessions): array
    {
        $found = $this->taken($business, $span)
            ->leftJoin('sales', static fn (JoinClause $join) => $join
                ->on('sales.business_id', '=', 'bookings.business_id')
                ->on('sales.id', '=', 'bookings.sale_id'))
            ->select(['bookings.id', 'service_id', 'service_name', 'location_id', 'session_id', 'bookings.client_id'])
            ->addSelect(['visit_id', 'minutes', 'party', 'state', 'staff_ids', 'units', 'price', 'payment'])
            ->addSelect(['double_booked', 'bookings.sale_id', ...SaleSums::COLUMNS])
            ->selectRaw("json_value(contact, '$.name') as client")
            ->selectRaw("note <> '' or exists (select 1 from visit_notes
                where visit_notes.business_id = bookings.business_id and booking_id = bookings.id) as noted")
            ->selectRaw(self::minutes('starts_at', 'taken_from', 'taken_until'))
            ->orderBy('starts_at')
            ->orderBy('bookings.id')
            ->get();
        $rows = array_values($found->all());
        $charging = SaleSums::charging($this->db, $business->id);
        $known = $this->seenBefore($business, self::named($rows, 'client_id'), $span);
        $led = array_column($sessions, null, 'id');

        return array_map(
            static fn (stdClass $row): BoardBooking => new BoardBooking(
                id: $row->id,
                serviceId: $row->service_id,
                service: $row->service_name,
                location: $led[$row->session_id ?? '']->location ?? $row->location_id,
                session: $row->session_id,
                start: $row->starts_at,
                minutes: $row->minutes,
                takenFrom: $row->taken_from,
                takenUntil: $row->taken_until,
                party: $row->party,
                state: $state = State::from($row->state),
                staff: $led[$row->session_id ?? '']->staff ?? self::ids($row->staff_ids),
                units: self::ids($row->units),
                client: $row->client,
                price: $row->price,
                balance: Balance::from(
                    SaleSums::ofRow($row, $charging[$row->sale_id ?? ''] ?? 0),
                    $state,
                    $row->price,
                    AskedToPay::from($row->payment),
                ),
                isFirst: $row->client_id !== null && ! isset($known[$row->client_id]),
                isNoted: $row->noted === 1,
                isDouble: $row->double_booked === 1,
                visit: $row->visit_id,
            ),
            $rows,
        );
    }

    /** @return list<Scheduled> in order of their starts */
    public function sessions(Business $business, Timeline $span): array
    {
        $found = self::within($this->db->table('scheduled_sessions as s'), $business, $span)
            ->join('services', static fn ($join) => $join
                ->on('services.id', '=', 's.service_id')
                ->on('services.business_id', '=', 's.business_id'))
            ->where('s.state', 'scheduled')
            ->select(['s.id', 's.service_id', 's.location_id'])
            ->addSelect(['s.minutes', 's.staff_ids', 's.units', 's.places', 'services.name'])
            ->selectRaw(self::minutes('starts_at', 'taken_from', 'taken_until'))
            ->orderBy('s.starts_at')
            ->orderBy('s.id')
            ->get();

        return array_map(
            static fn (stdClass $row): Scheduled => new Scheduled(
                id: $row->id,
                serviceId: $row->service_id,
                service: $row->name,
                location: $row->location_id,
                start: $row->starts_at,
                minutes: $row->minutes,
                takenFrom: $row->taken_from,
                takenUntil: $row->taken_until,
                staff: self::ids($row->staff_ids),
                units: self::ids($row->units),
                places: $row->places,
            ),
            array_values($found->all()),
        );
    }

    /** @return list<TakenTime> who is taken when, and how many bookings that are: seats of a session once */
    public function turns(Business $business, Timeline $span): array
    {
        $booked = $this->taken($business, $span)
            ->select(['staff_ids', 'minutes', 'session_id'])
            ->selectRaw(self::minutes('starts_at'))
            ->get();
        $led = self::within($this->db->table('scheduled_sessions as s'), $business, $span)
            ->where('state', 'scheduled')
            ->select(['staff_ids', 'minutes'])
            ->selectRaw(self::minutes('starts_at'))
            ->get();
        $turn = static fn (stdClass $row, bool $isBooking, bool $takes): TakenTime => new TakenTime(
            $takes ? self::ids($row->staff_ids) : [],
            $row->starts_at,
            $row->minutes,
            $isBooking,
        );

        return [
            ...$booked->map(static fn (stdClass $row): TakenTime => $turn($row, true, $row->session_id === null)),
            ...$led->map(static fn (stdClass $row): TakenTime => $turn($row, false, true)),
        ];
    }

    /** @return Collection<int, Booking> of any day that wait for a yes, the oldest first */
    public function requests(Business $business): Collection
    {
        return Booking::query()
            ->where('business_id', $business->id)
            ->where('state', 'pending')
            ->where('starts_at', '>', $this->clock->now())
            ->with('staff:id,name')
            ->orderBy('created_at')
            ->limit(self::MOST_REQUESTS)
            ->get();
    }

    private function taken(Business $business, Timeline $span): Builder
    {
        return self::within($this->db->table('bookings')->forceIndex('primary'), $business, $span)
            ->whereNotIn('state', State::OVER)
            ->where(
                fn (Builder $query) => $query
                    ->where('state', '!=', 'held')
                    ->orWhere('held_until', '>', $this->clock->now()),
            );
    }

    /**
     * @param  list<string>  $clients
     * @return array<string, mixed> by client: those who have been here before this time
     */
    private function seenBefore(Business $business, array $clients, Timeline $span): array
    {
        return $this->db
            ->table('bookings')
            ->forceIndex('bookings_business_id_client_id_starts_at_index') // without, it is weighed client by client
            ->where('business_id', $business->id)
            ->whereIn('client_id', $clients)
            ->where('starts_at', '<', Instants::toDatabase($span->span()[0]))
            ->whereNotIn('state', [State::Held, State::Pending, ...State::NOT_TAKEN])
            ->groupBy('client_id')
            ->pluck('client_id', 'client_id')
            ->all();
    }

    private static function within(Builder $query, Business $business, Timeline $span): Builder
    {
        [$from, $until] = $span->span();
        $table = $query->from === 'bookings' ? 'bookings' : 's';

        return $query
            ->where("{$table}.business_id", $business->id)
            ->where('taken_from', '<', Instants::toDatabase($until))
            ->where('taken_from', '>=', Instants::toDatabase($from - $business->longest_taken))
            ->where('taken_until', '>', Instants::toDatabase($from));
    }

    private static function minutes(string ...$columns): string
    {
        return implode(', ', array_map(static fn (string $one): string => sprintf(self::MINUTE, $one), $columns));
    }

    /**
     * @param  list<stdClass>  $rows
     * @return list<string>
     */
    private static function named(array $rows, string $column): array
    {
        return array_keys(array_flip(array_filter(array_column($rows, $column), is_string(...))));
    }

    /** @return list<string> */
    private static function ids(string $json): array
    {
        /** @var list<string> $ids */
        $ids = json_decode($json);

        return $ids;
    }
}
