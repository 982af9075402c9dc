<?php

declare(strict_types=1);

namespace App\Board;

use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** Some days of the Board, each with its lanes and tags, all on the same hours. */
final readonly class BoardDays
{
    /**
     * @param  list<BoardBooking>  $visits in order of their starts, as the sessions
     * @param  list<Scheduled>  $sessions
     * @param  array<string, Timeline>  $open by staff member
     */
    public function __construct(
        private RuleBook $book,
        private BoardView $looking,
        private Lanes $lanes,
        private LaneHours $ground,
        private array $visits,
        private array $sessions,
        private array $open,
        private int $now,
    ) {
    }

    /**
     * @param  list<int>  $days day numbers
     * @return list<array<string, mixed>>
     */
    public function of(array $days): array
    {
        $tags = [];
        $drawn = [];
        $lanes = [];
        foreach ($days as $day) {
            $span = $this->book->zone->dates($day, $day);
            $tags[$day] = [self::within($span, $this->visits), self::within($span, $this->sessions)];
            $lanes[$day] = $this->lanes->all($this->ground, $this->open, [...$tags[$day][0], ...$tags[$day][1]]);
            $drawn[$day] = [];
            foreach ($lanes[$day] as $lane) {
                array_push($drawn[$day], $lane->open, $lane->taken);
            }
        }
        $ruler = new DayRuler($this->book->zone, $drawn);

        return array_map(fn (int $day): array => [
            'date' => Wall::date($day),
            'ruler' => $ruler->on($day),
            'lanes' => $this->written($lanes[$day], $this->book->zone->dates($day, $day)),
            'tags' => (new Tags($this->book, $this->lanes))->of(...$tags[$day]),
        ], $days);
    }

    /**
     * @param  list<Lane>  $lanes
     * @return list<array<string, mixed>>
     */
    private function written(array $lanes, Timeline $span): array
    {
        $shown = [];
        foreach ($lanes as $lane) {
            if (! $this->looking->working || ! $lane->isQuiet($span)) {
                $shown[] = $lane->on($span, $this->now);
            }
        }

        return $shown;
    }

    /**
     * @template T of BoardBooking|Scheduled
     *
     * @param  list<T>  $all
     * @return list<T>
     */
    private static function within(Timeline $span, array $all): array
    {
        [$from, $until] = $span->span();

        return array_values(array_filter(
            $all,
            static fn (BoardBooking|Scheduled $one): bool => $one->takenFrom < $until && $one->takenUntil > $from,
        ));
    }
}
