<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Booking;
use App\Models\Session;
use App\Support\Ruler;
use Illuminate\Support\Collection;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** The hours one day of the Board is drawn on: whole hours around all that is open or taken. */
final readonly class DayRuler
{
    /** Hours shown where nothing is open and nothing booked. */
    private const QUIET_FROM = 8;

    private const QUIET_TO = 18;

    /** Where more hours than these would stand on the ruler, the night is left out. */
    private const LONGEST_HOURS = 13;

    private const NIGHT_ENDS = 7;

    private const NIGHT_BEGINS = 22;

    private int $midnight;

    public function __construct(private RuleBook $book, private int $day)
    {
        $this->midnight = $book->zone->first($day * Wall::DAY);
    }

    /**
     * @param  array<string, Timeline>  $open by staff member
     * @param  Collection<int, Booking|Session>  $tags
     * @return array{start: string, end: string, ticks: list<string>}
     */
    public function of(array $open, Collection $tags): array
    {
        $drawn = [...array_values($open), ...$tags->map(Taken::by(...))->values()->all()];
        $span = $this->book->zone->dates($this->day, $this->day);
        $edges = array_map(fn (Timeline $one): array => Ruler::edges($one->intersect($span), $this->midnight), $drawn);
        $ruler = Ruler::around(array_merge(...$edges), $this->at(self::QUIET_FROM), $this->at(self::QUIET_TO))
            ->atMost(self::LONGEST_HOURS * 60, $this->at(self::NIGHT_ENDS), $this->at(self::NIGHT_BEGINS));
        $ticks = array_map(fn (int $minute): string => Wall::writeInstant($this->midnight + $minute), $ruler->hours());

        return ['start' => $ticks[0], 'end' => $ticks[count($ticks) - 1], 'ticks' => $ticks];
    }

    /** Minutes since midnight at an hour of the clock; on the days clocks change that is not sixty times the hour. */
    private function at(int $hour): int
    {
        return $this->book->zone->first($this->day * Wall::DAY + $hour * 60) - $this->midnight;
    }
}
