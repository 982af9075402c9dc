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

use function array_map;

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
        $walls = array_map(static fn (int $day): int => $day * Wall::DAY + $rule->minute, $rule->days());

        return $this->at($gathering, $walls, $now);
    }

    /**
     * The same of starts that follow no rule.
     *
     * @param  list<int>  $walls wall minutes, in order
     * @param  int  $now instant
     * @return list<GatheringDate>
     */
    public function at(Gathering $gathering, array $walls, int $now): array
    {
        $diary = $this->diary;
        $dates = [];
        foreach ($walls as $wall) {
            $date = new RepeatRule($wall, 1, RepeatUnit::Days, count: 1);
            $book = $gathering->asAppointment($this->book, $date->minute);
            $ask = new Ask(
                service: $gathering->service,
                fromDay: $date->day,
                toDay: $date->day,
                now: $now,
                relaxed: new Relaxed(notice: true, limits: true, dayparts: true),
            );
            [$one] = (new Repeats($book, $diary, $ask))->of($date);
            $row = $one->row ?? self::atAnyTime($book, $diary, $ask, $one->start);
            $dates[] = new GatheringDate($one->start, $row, $one->verdicts, $one->nearest);
            $diary = $row === null ? $diary : $diary->taking($row, $book->services[$ask->service], 1, $now);
        }

        return $dates;
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
