<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Bookings\Breach;
use App\Bookings\Destination;
use App\Bookings\MoveBooking;
use App\Bookings\OtherTimes;
use App\Bookings\Repeated;
use App\Bookings\RulesReader;
use App\Bookings\TimeTaken;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Support\Tried;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Time\Wall;

/** What would become of a booking that is moved: where it would be, what it would cost, or what stands in the way. */
final readonly class MoveTried
{
    public function __construct(
        private Tried $tried,
        private MoveBooking $move,
        private OtherTimes $times,
        private RulesReader $rules,
        private WhyThere $why,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Access $access, Booking $booking, Destination $to): array
    {
        $later = count(Repeated::after($booking));
        try {
            $moved = $this->tried->of(fn (): Booking => ($this->move)($business, $booking->id, $to, '', false));
        } catch (TimeTaken $taken) {
            return [
                'fits' => false,
                'start' => Wall::writeInstant($to->start),
                'end' => Wall::writeInstant($to->start + ($to->minutes ?? $booking->minutes)),
                'staff' => $to->staff ?? $booking->staff_ids,
                'price' => $booking->price,
                'was' => $booking->price,
                'breaks' => [],
                'rows' => $this->rows($business, $access, $booking, $to),
                'near' => $taken->details()['near'],
                'laterOnes' => $later,
            ];
        }
        $start = Instants::minute($moved->starts_at);

        return [
            'fits' => true,
            'start' => Wall::writeInstant($start),
            'end' => Wall::writeInstant($start + $moved->minutes),
            'staff' => $moved->staff_ids,
            'price' => $moved->price,
            'was' => $booking->price,
            'breaks' => array_map(static fn (Breach $breach): string => $breach->says, $to->freedom->breaches),
            'rows' => [],
            'near' => [],
            'laterOnes' => $later,
        ];
    }

    /** @return list<array<string, mixed>> of those who were asked for, in whose way it is */
    private function rows(Business $business, Access $access, Booking $booking, Destination $to): array
    {
        $book = $this->rules->book($business);
        $day = $book->zone->day($to->start);
        $ask = $this->times->ask($book, $booking, $day, $day, $to->minutes);
        if ($ask === null) {
            return [];
        }
        $staff = $to->staff ?? $booking->staff_ids;
        $ask = count($staff) === 1 ? $ask->by($staff[0]) : $ask;
        $ask = $to->location === null ? $ask : $ask->at($to->location);
        $verdicts = $this->why->verdicts($business, $book, $ask, $to->start, $booking->id);
        $isTheirs = static fn (Verdict $verdict): bool => $verdict->staff === $staff;
        $theirs = array_values(array_filter($verdicts, $isTheirs));

        return $this->why->rows($business, $access, $book, $ask, $to->start, $theirs === [] ? $verdicts : $theirs);
    }
}
