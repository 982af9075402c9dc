<?php

declare(strict_types=1);

namespace App\Board;

use App\Facts\Mark;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Member;
use App\Models\Session;
use Illuminate\Database\Eloquent\Collection;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** A lane a person: what is open, off and taken on one day, and how much of it is free still. */
final readonly class Lanes
{
    private Timeline $span;

    public function __construct(private RuleBook $book, private int $day, private int $now)
    {
        $this->span = $book->zone->dates($day, $day);
    }

    /**
     * @param  array<string, Timeline>  $open by staff member
     * @param  Collection<int, Booking>  $bookings
     * @param  Collection<int, Session>  $sessions
     * @return list<array<string, mixed>> of those who work here, and of those who did and have something on that day
     */
    public function of(Business $business, array $open, Collection $bookings, Collection $sessions): array
    {
        $lanes = [];
        foreach ($business->staff()->get() as $member) {
            if (! isset($this->book->staff[$member->id])) {
                continue;
            }
            $mine = $bookings->filter(
                static fn (Booking $booking): bool => $booking->staff->contains('id', $member->id),
            );
            $led = $sessions->filter(
                static fn (Session $session): bool => in_array($member->id, $session->staff_ids, true),
            );
            if ($member->active || $mine->isNotEmpty() || $led->isNotEmpty()) {
                $taken = $mine->toBase()->concat($led)->map(Taken::by(...));
                $lanes[] = $this->lane($member, $open[$member->id], array_values($taken->all()));
            }
        }

        return $lanes;
    }

    /**
     * @param  list<Timeline>  $taken
     * @return array<string, mixed>
     */
    private function lane(Member $member, Timeline $open, array $taken): array
    {
        $rules = $this->book->staff[$member->id];
        $breaks = $rules->breaks?->between($this->day - 1, $this->day, $this->book->zone) ?? Timeline::none();
        // what has passed is not open any more
        $free = $open->intersect($this->span)->intersect(Timeline::between($this->now, PHP_INT_MAX));
        foreach ([...$taken, $rules->off(), $rules->busy()] as $gone) {
            $free = $free->subtract($gone);
        }

        return [
            'staff' => Mark::of($member),
            'open' => $this->written($open),
            'breaks' => $this->written($breaks),
            'off' => $this->written($rules->off()),
            'busy' => $this->written($rules->busy()),
            'freeMinutes' => $free->minutes(),
        ];
    }

    /** @return list<array{from: string, to: string}> */
    private function written(Timeline $timeline): array
    {
        return array_map(
            static fn (array $stretch): array => [
                'from' => Wall::writeInstant($stretch[0]),
                'to' => Wall::writeInstant($stretch[1]),
            ],
            $timeline->intersect($this->span)->stretches(),
        );
    }
}
