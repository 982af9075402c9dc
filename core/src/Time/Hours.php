<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

/** T3: a weekly table of windows with special days that replace the windows starting on their date. */
final readonly class Hours
{
    /**
     * @param  array<int, list<Window>>  $weekly by weekday, 0 = Monday; a missing day has none
     * @param  array<int, list<Window>>  $special by day number
     */
    public function __construct(private array $weekly, private array $special = [])
    {
    }

    /**
     * T4: without a weekly table there is no limit, but with special days it is open all day on all other dates.
     *
     * @param  array<int, list<Window>>|null  $weekly
     * @param  array<int, list<Window>>  $special
     */
    public static function ofLocation(?array $weekly, array $special): ?self
    {
        return $weekly === null && $special === []
            ? null
            : new self($weekly ?? array_fill(0, 7, [Window::wholeDay()]), $special);
    }

    /** @return list<Window> */
    public function on(int $day): array
    {
        return $this->special[$day] ?? $this->weekly[Wall::weekday($day)] ?? [];
    }

    /** @return array<int, list<Window>> by weekday, 0 = Monday */
    public function weekly(): array
    {
        return $this->weekly;
    }

    /** @return array<int, list<Window>> by day number */
    public function specialDays(): array
    {
        return $this->special;
    }

    public function hasSpecialDay(int $day): bool
    {
        return isset($this->special[$day]);
    }

    /** The open stretches of the windows that start on $fromDay … $toDay, whichever location they count for. */
    public function between(int $fromDay, int $toDay, Zone $zone): Timeline
    {
        $stretches = [];
        for ($day = $fromDay; $day <= $toDay; $day++) {
            foreach ($this->on($day) as $window) {
                $stretches[] = $window->on($day, $zone);
            }
        }

        return Timeline::of($stretches);
    }
}
