<?php

declare(strict_types=1);

namespace App\Board;

use App\Ledger\Balance;
use App\Models\Booking;
use App\Models\Session;
use App\Support\Column;
use App\Support\Instants;
use Illuminate\Support\Collection;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;

/**
 * What hangs on the lanes of a day: a tag a booking, one for all of a shared appointment, one a session with its
 * places.
 */
final readonly class Tags
{
    public function __construct(private RuleBook $book)
    {
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @param  Collection<int, Session>  $sessions
     * @return list<array<string, mixed>> in order of time
     */
    public function of(Collection $bookings, Collection $sessions): array
    {
        $tags = [];
        foreach ($bookings->whereNull('session_id')->groupBy($this->together(...)) as $group) {
            $tags[] = $this->appointment($group->values());
        }
        foreach ($sessions as $session) {
            $tags[] = $this->session($session, $bookings->where('session_id', $session->id)->values());
        }
        usort($tags, static fn (array $a, array $b): int => [$a['start'], $a['id']] <=> [$b['start'], $b['id']]);

        return $tags;
    }

    /** Bookings that are one appointment (rules.md T14) have the same. */
    private function together(Booking $booking): string
    {
        $shared =
            ($this->book->services[$booking->service_id] ?? null)?->isShared() === true && $booking->staff_ids !== [];

        return $shared
            ? implode(' ', [
                $booking->service_id,
                $booking->starts_at->getTimestamp(),
                $booking->minutes,
                implode(',', $booking->staff_ids),
                $booking->location_id,
            ])
            : $booking->id;
    }

    /**
     * @param  Collection<int, Booking>  $group
     * @return array<string, mixed>
     */
    private function appointment(Collection $group): array
    {
        /** @var Booking $first */
        $first = $group->first();
        $rules = $this->book->services[$first->service_id] ?? null;

        return $this->tag(
            $first,
            $group,
            $first->id,
            Column::strings($first->staff->pluck('id')),
            $first->service_name,
            $rules?->isShared() === true ? $rules->places : null,
        );
    }

    /**
     * @param  Collection<int, Booking>  $seats
     * @return array<string, mixed>
     */
    private function session(Session $session, Collection $seats): array
    {
        return $this->tag(
            $session,
            $seats,
            $session->id,
            $session->staff_ids,
            $session->service->name ?? '',
            $session->places,
        );
    }

    /**
     * @param  Collection<int, Booking>  $people
     * @param  list<string>  $staff
     * @return array<string, mixed>
     */
    private function tag(
        Booking|Session $of,
        Collection $people,
        string $id,
        array $staff,
        string $service,
        ?int $places,
    ): array {
        $balances = $people->map(Balance::of(...));
        /** @var Booking|null $alone */
        $alone = $places === null ? $people->first() : null;

        return [
            'id' => $id,
            'staff' => $staff,
            'start' => self::written($of->starts_at),
            'end' => self::written($of->endsAt()),
            'takenFrom' => self::written($of->taken_from),
            'takenUntil' => self::written($of->taken_until),
            'service' => $service,
            'client' => $alone === null ? null : $alone->contact['name'] ?? null,
            'state' => $alone === null ? 'confirmed' : $alone->state->value,
            'money' => $alone === null ? (self::due($balances) > 0 ? 'due' : 'free') : $balances->first()?->state,
            'price' => $alone === null || $balances->first()?->state === 'part' ? self::due($balances) : $alone->price,
            'places' => $places,
            'taken' => array_sum($people->map(static fn (Booking $booking): int => $booking->party)->all()),
            'people' => $people
                ->map(
                    static fn (Booking $booking): array => [
                        'booking' => $booking->id,
                        'client' => $booking->contact['name'] ?? null,
                        'party' => $booking->party,
                        'state' => $booking->state->value,
                        'money' => Balance::of($booking)->state,
                    ],
                )
                ->values()
                ->all(),
        ];
    }

    /** @param  Collection<int, Balance>  $balances */
    private static function due(Collection $balances): int
    {
        return array_sum($balances->map(static fn (Balance $balance): int => $balance->due)->all());
    }

    private static function written(\Carbon\CarbonImmutable $at): string
    {
        return Wall::writeInstant(Instants::minute($at));
    }
}
