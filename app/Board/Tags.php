<?php

declare(strict_types=1);

namespace App\Board;

use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;

/**
 * What hangs on the lanes of a day: a tag a booking, one for all of a shared appointment, one a session with its
 * places.
 */
final readonly class Tags
{
    public function __construct(private RuleBook $book, private Lanes $lanes)
    {
    }

    /**
     * @param  list<BoardBooking>  $visits
     * @param  list<Scheduled>  $sessions
     * @return list<array<string, mixed>> in order of time
     */
    public function of(array $visits, array $sessions): array
    {
        $together = [];
        $seats = [];
        foreach ($visits as $visit) {
            if ($visit->session === null) {
                $together[$this->together($visit)][] = $visit;
            } else {
                $seats[$visit->session][] = $visit;
            }
        }
        $tags = [];
        foreach ($together as $group) {
            $rules = $this->book->services[$group[0]->serviceId] ?? null;
            $tags[] = $this->tag($group[0], $group, $rules?->isShared() === true ? $rules->places : null);
        }
        foreach ($sessions as $session) {
            $tags[] = $this->tag($session, $seats[$session->id] ?? [], $session->places);
        }
        usort($tags, static fn (array $a, array $b): int => [$a['start'], $a['id']] <=> [$b['start'], $b['id']]);

        return $tags;
    }

    /** Bookings that are one appointment (rules.md T14) have the same. */
    private function together(BoardBooking $visit): string
    {
        $shared = ($this->book->services[$visit->serviceId] ?? null)?->isShared() === true && $visit->staff !== [];

        return $shared
            ? implode(' ', [
                $visit->serviceId,
                $visit->start,
                $visit->minutes,
                implode(',', $visit->staff),
                $visit->location,
            ])
            : $visit->id;
    }

    /**
     * @param  list<BoardBooking>  $people
     * @return array<string, mixed>
     */
    private function tag(BoardBooking|Scheduled $of, array $people, ?int $places): array
    {
        $alone = $places === null ? $people[0] : null;
        $due = array_sum(array_map(static fn (BoardBooking $visit): int => $visit->balance->due, $people));

        return [
            'id' => $of->id,
            'lanes' => $this->lanes->of($of),
            'staff' => $of->staff,
            'start' => Wall::writeInstant($of->start),
            'end' => Wall::writeInstant($of->start + $of->minutes),
            'takenFrom' => Wall::writeInstant($of->takenFrom),
            'takenUntil' => Wall::writeInstant($of->takenUntil),
            'service' => $of->service,
            'serviceId' => $of->serviceId,
            'location' => $this->book->locations[$of->location]->name ?? '',
            'client' => $alone?->client,
            'state' => $alone->state->value ?? 'confirmed',
            'money' => $alone->balance->state ?? ($due > 0 ? 'due' : 'free'),
            'price' => $alone === null || $alone->balance->state === 'part' ? $due : $alone->price,
            'first' => $alone?->isFirst === true,
            'noted' => in_array(true, array_column($people, 'isNoted'), true),
            'double' => in_array(true, array_column($people, 'isDouble'), true),
            'visit' => $alone?->visit,
            'session' => $of instanceof Scheduled ? $of->id : null,
            'places' => $places,
            'taken' => array_sum(array_map(static fn (BoardBooking $visit): int => $visit->party, $people)),
            'people' => $alone === null ? array_map(self::person(...), $people) : [],
        ];
    }

    /** @return array{booking: string, client: string|null, party: int, state: string, money: string} */
    private static function person(BoardBooking $visit): array
    {
        return [
            'booking' => $visit->id,
            'client' => $visit->client,
            'party' => $visit->party,
            'state' => $visit->state->value,
            'money' => $visit->balance->state,
        ];
    }
}
