<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

use DateTimeZone;
use Exception;

use function count;
use function floor;
use function max;
use function min;

/**
 * T2: between the clock on the wall and instants, by the zone tables of the operating system.
 *
 * The zone is a list of periods with one offset each; period k lasts from $changes[k] until $changes[k + 1]. The
 * instant at which clocks change belongs to the new period, so it shows the new time.
 */
final class Zone
{
    /**
     * No offset differs from its neighbour by more than a day, so further from a change than this nothing is doubtful.
     */
    private const SAFE = 1500;

    /** Half a year: nearer to the end of what is known than this, more is read. */
    private const MARGIN = 262_800;

    /** @var list<int> instants at which a period begins */
    private array $changes = [];

    /** @var list<int> minutes ahead of UTC, a period each */
    private array $offsets = [];

    private int $near = 0;

    /** @var array{int, int} */
    private array $known;

    /** 2020 to 2040 in minutes: what nearly every question is about. All others make the whole table be read. */
    private const COMMON = [26_297_280, 36_816_480];

    private const TABLES = '/usr/share/zoneinfo';

    /** 1900 to 2200. */
    private const ALL = [-36_816_480, 120_968_640];

    private function __construct(public readonly string $name, private readonly DateTimeZone $zone)
    {
        $this->load(...self::COMMON);
    }

    /** @param  int  $from, $until instants between which changes are known */
    private function load(int $from, int $until): void
    {
        [$this->changes, $this->offsets, $this->near, $this->known] = [[], [], 0, [$from, $until]];
        foreach ($this->zone->getTransitions($from * 60, $until * 60) as $change) {
            $this->changes[] = (int) floor($change['ts'] / 60);
            $this->offsets[] = (int) floor($change['offset'] / 60);
        }
        $this->changes[0] = PHP_INT_MIN;
        $this->offsets[0] ??= 0;
        $this->changes[] = PHP_INT_MAX;
    }

    /** @throws InvalidTime for a name the zone tables do not have */
    public static function named(string $name): self
    {
        if (! self::isNamed($name)) {
            throw InvalidTime::zone($name);
        }
        try {
            $zone = new DateTimeZone($name);
        } catch (Exception) {
            throw InvalidTime::zone($name);
        }

        // An abbreviation or a bare offset is no zone: it has no transitions.
        return $zone->getTransitions(0, 0) !== false ? new self($name, $zone) : throw InvalidTime::zone($name);
    }

    /** To the letter, as the system's tables have it: DateTimeZone takes "europe/lisbon" as well. */
    private static function isNamed(string $name): bool
    {
        return preg_match('~^[A-Za-z0-9_+-]+(?:/[A-Za-z0-9_+-]+)*\z~', $name) === 1 &&
            (! is_dir(self::TABLES) || is_file(self::TABLES."/{$name}"));
    }

    /** The wall minute (day × 1440 + minute) that clocks show at this instant. */
    public function wall(int $instant): int
    {
        return $instant + $this->offsets[$this->period($instant)];
    }

    /** The local date of an instant, as a day number. */
    public function day(int $instant): int
    {
        return (int) floor($this->wall($instant) / Wall::DAY);
    }

    /** T2, where something starts: the first occurrence of a wall minute; in a gap the first instant after it. */
    public function first(int $wall): int
    {
        return $this->occurrences($wall)[0];
    }

    /** T2, where something ends: the last occurrence of a wall minute; in a gap the first instant after it. */
    public function last(int $wall): int
    {
        $occurrences = $this->occurrences($wall);

        return $occurrences[count($occurrences) - 1];
    }

    /**
     * Every instant whose local date is one of $fromDay … $toDay, both included. Usually one stretch; more where
     * clocks go back over midnight.
     */
    public function dates(int $fromDay, int $toDay): Timeline
    {
        $stretches = [];
        $this->period(($toDay + 1) * Wall::DAY + self::SAFE);
        $first = $this->period($fromDay * Wall::DAY - self::SAFE);
        for ($k = $first; $this->changes[$k] < ($toDay + 1) * Wall::DAY + self::SAFE; $k++) {
            $stretches[] = [
                max($this->changes[$k], $fromDay * Wall::DAY - $this->offsets[$k]),
                min($this->changes[$k + 1], ($toDay + 1) * Wall::DAY - $this->offsets[$k]),
            ];
        }

        return Timeline::of($stretches);
    }

    /**
     * The stretches of one offset that lie within [$start, $end): what a grid of wall minutes is laid over.
     *
     * @return list<array{int, int, int}> start, end, minutes ahead of UTC
     */
    public function periods(int $start, int $end): array
    {
        $periods = [];
        $this->period($end);
        for ($k = $this->period($start); $this->changes[$k] < $end; $k++) {
            $periods[] = [max($start, $this->changes[$k]), min($end, $this->changes[$k + 1]), $this->offsets[$k]];
        }

        return $periods;
    }

    /** @return non-empty-list<int> in order of time */
    private function occurrences(int $wall): array
    {
        $k = $this->near;
        $instant = $wall - $this->offsets[$k];
        if (
            $instant > $this->known[0] + self::MARGIN &&
            $instant < $this->known[1] - self::MARGIN &&
            $instant - self::SAFE >= $this->changes[$k] &&
            $instant + self::SAFE < $this->changes[$k + 1]
        ) {
            return [$instant];
        }
        $this->near = $this->period($wall - $this->offsets[$k]);

        return $this->doubtful($wall);
    }

    /** @return non-empty-list<int> */
    private function doubtful(int $wall): array
    {
        $found = [];
        $afterGap = null;
        $last = min(count($this->offsets) - 1, $this->near + 3);
        for ($k = max(0, $this->near - 3); $k <= $last; $k++) {
            $instant = $wall - $this->offsets[$k];
            if ($instant >= $this->changes[$k] && $instant < $this->changes[$k + 1]) {
                $found[] = $instant;
            } elseif ($k > 0 && $instant < $this->changes[$k] && $wall - $this->offsets[$k - 1] >= $this->changes[$k]) {
                $afterGap = $this->changes[$k];
            }
        }

        return $found !== [] ? $found : [$afterGap ?? $wall - $this->offsets[$this->near]];
    }

    /** The period an instant lies in. Remembers the last one: questions come in order of time. */
    private function period(int $instant): int
    {
        if (
            ($instant < $this->known[0] + self::MARGIN || $instant >= $this->known[1] - self::MARGIN) &&
            $this->known !== self::ALL
        ) {
            $this->load(...self::ALL);
        }
        if ($instant >= $this->changes[$this->near] && $instant < $this->changes[$this->near + 1]) {
            return $this->near;
        }
        [$low, $high] = [0, count($this->offsets) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->changes[$middle] <= $instant) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $this->near = $low;
    }
}
