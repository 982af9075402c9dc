<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Time\Wall;

/**
 * When a session, or a series of them, can be held. Whoever schedules decides (T15): notice, reach, limits, dayparts,
 * and even open time may be passed over, but nobody and nothing is in two places at once (T6–T9).
 */
final readonly class Scheduling
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /**
     * Each date that can be held counts as taken for those after it.
     *
     * @param  int  $now instant
     * @return list<GatheringDate>
     */
    public function dates(Gathering $gathering, RepeatRule $rule, int $now): array
    {
        $book = $gathering->asAppointment($this->book, $rule->minute);
        $ask = new Ask(
            service: $gathering->service,
            fromDay: $rule->day,
            toDay: $rule->day,
            now: $now,
            relaxed: new Relaxed(notice: true, limits: true, dayparts: true),
        );

        $diary = $this->diary;
        $dates = [];
        foreach ($rule->days() as $day) {
            $date = new RepeatRule($day * Wall::DAY + $rule->minute, 1, RepeatUnit::Days, count: 1);
            [$one] = (new Repeats($book, $diary, $ask))->of($date);
            $row = $one->row ?? self::atAnyTime($book, $diary, $ask, $one->start);
            $dates[] = new GatheringDate($one->start, $row, $one->verdicts, $one->nearest);
            $diary = $row === null ? $diary : $diary->taking($row, $book->services[$ask->service], 1, $now);
        }

        return $dates;
    }

    /** What it takes at a given instant; null where it cannot be held then. */
    public function at(Gathering $gathering, int $start, int $now): ?Slot
    {
        $minute = $this->book->zone->wall($start) % Wall::DAY;
        $ask = new Ask(service: $gathering->service, fromDay: 0, toDay: 0, now: $now);

        return self::atAnyTime($gathering->asAppointment($this->book, $minute), $this->diary, $ask, $start);
    }

    private static function atAnyTime(RuleBook $book, Diary $diary, Ask $ask, int $start): ?Slot
    {
        $day = $book->zone->day($start);
        $rows = (new SlotSearch($book, $diary))->slots($ask->during($day, $day)->leaving(Relaxed::wholly()));
        foreach ($rows as $row) {
            if ($row->start === $start) {
                return $row;
            }
        }

        return null;
    }
}
