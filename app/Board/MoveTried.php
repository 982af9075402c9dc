<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Bookings\Destination;
use App\Bookings\LaterOne;
use App\Bookings\MoveBooking;
use App\Bookings\MoveLater;
use App\Bookings\OtherTimes;
use App\Bookings\Repeated;
use App\Messages\Telling;
use App\Models\Booking;
use App\Models\Business;
use App\Support\DryRun;
use App\Support\Instants;
use App\Times\Breach;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Time\Wall;

/** What would become of a booking that is moved: where it would be, what it would cost, or what stands in the way. */
final readonly class MoveTried
{
    public function __construct(
        private DryRun $tried,
        private MoveBooking $move,
        private OtherTimes $times,
        private RulesReader $rules,
        private WhyThere $why,
    ) {
    }

    /**
     * @param  bool  $later of a repeat, all later ones with it
     * @param  array<string, int|null>  $each another start, by booking; null: it stays where it is
     * @return array<string, mixed>
     */
    public function of(
        Business $business,
        Access $access,
        Booking $booking,
        Destination $to,
        bool $later = false,
        array $each = [],
    ): array {
        $answer = [
            'fits' => false,
            'start' => Wall::writeInstant($to->start),
            'end' => Wall::writeInstant($to->start + ($to->minutes ?? $booking->minutes)),
            'staff' => $to->staff ?? $booking->staff_ids,
            'instead' => [],
            'price' => $booking->price,
            'was' => $booking->price,
            'breaks' => [],
            'rows' => [],
            'near' => [],
            'laterOnes' => count(Repeated::after($booking)),
            'later' => [],
        ];

        return $this->tried->of(function () use ($business, $access, $booking, $to, $later, $each, $answer): array {
            $rows = [];
            $all = $later ? MoveLater::planned($business, $booking, $to, $each) : [new LaterOne($booking, $to)];
            foreach ($all as $one) {
                if ($one->booking->id === $booking->id) {
                    $answer = $this->own($business, $access, $booking, $to) + $answer;
                } else {
                    $rows[] = $this->laterOne($business, $access, $one);
                }
            }
            usort($rows, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

            return ['later' => $rows] + $answer;
        });
    }

    /** @return array<string, mixed> of the one that is asked for; it is moved, if it fits */
    private function own(Business $business, Access $access, Booking $booking, Destination $to): array
    {
        $before = $booking->staff_ids;
        try {
            $moved = ($this->move)(business: $business, id: $booking->id, to: $to, by: '', whom: Telling::Nobody);
        } catch (TimeTaken $taken) {
            return [
                'rows' => $this->rows($business, $access, $booking, $to),
                'near' => $taken->details()['near'],
            ];
        }
        $start = Instants::minute($moved->starts_at);

        return [
            'fits' => true,
            'start' => Wall::writeInstant($start),
            'end' => Wall::writeInstant($start + $moved->minutes),
            'staff' => $moved->staff_ids,
            'instead' => $moved->staff_ids === $before ? [] : $before,
            'price' => $moved->price,
            'breaks' => array_map(static fn (Breach $breach): string => $breach->says, $to->override->breaches),
        ];
    }

    /** @return array<string, mixed> */
    private function laterOne(Business $business, Access $access, LaterOne $one): array
    {
        $booking = $one->booking;
        $before = $booking->staff_ids;
        $row = [
            'id' => $booking->id,
            'from' => Wall::writeInstant(Instants::minute($booking->starts_at)),
            'start' => $one->to === null ? null : Wall::writeInstant($one->to->start),
            'fits' => true,
            'staff' => [],
            'reasons' => [],
            'nearest' => null,
        ];
        if ($one->to === null) {
            return $row;
        }
        try {
            $moved = ($this->move)(
                business: $business,
                id: $booking->id,
                to: $one->to,
                by: '',
                whom: Telling::Nobody,
            );
        } catch (TimeTaken $taken) {
            $reasons = array_merge(...array_column(
                $this->rows($business, $access, $booking, $one->to),
                'reasons',
            ));

            return [
                'fits' => false,
                'reasons' => array_values(array_unique(array_column($reasons, 'says'))),
                'nearest' => self::nearest($taken, $one->to->start),
            ] + $row;
        }

        return ['staff' => $moved->staff_ids === $before ? [] : $moved->staff_ids] + $row;
    }

    private static function nearest(TimeTaken $taken, int $start): ?string
    {
        $nearest = null;
        foreach ($taken->near as $slot) {
            if ($nearest === null || abs($slot->start - $start) < abs($nearest - $start)) {
                $nearest = $slot->start;
            }
        }

        return $nearest === null ? null : Wall::writeInstant($nearest);
    }

    /**
     * @return list<array{
     *     location: string|null, staff: list<string>, reasons: list<array{says: string, link: string|null}>,
     * }> of those who were asked for, in whose way it is
     */
    private function rows(Business $business, Access $access, Booking $booking, Destination $to): array
    {
        $book = $this->rules->book($business);
        $day = $book->zone->day($to->start);
        $ask = $this->times->ask(book: $book, booking: $booking, fromDay: $day, toDay: $day, length: $to->minutes);
        if ($ask === null) {
            return [];
        }
        $staff = $to->staff ?? $booking->staff_ids;
        $ask = count($staff) === 1 ? $ask->by($staff[0]) : $ask;
        $ask = $to->location === null ? $ask : $ask->at($to->location);
        $verdicts = $this->why->verdicts(
            business: $business,
            book: $book,
            ask: $ask,
            at: $to->start,
            moving: $booking->id,
        );
        $isTheirs = static fn (Verdict $verdict): bool => $verdict->staff === $staff;
        $theirs = array_values(array_filter($verdicts, $isTheirs));

        return $this->why->rows(
            business: $business,
            access: $access,
            book: $book,
            ask: $ask,
            at: $to->start,
            verdicts: $theirs === [] ? $verdicts : $theirs,
        );
    }
}
