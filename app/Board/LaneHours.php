<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Business;
use App\Models\Unit;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;

/** What is open over some days of the Board: for people, at places, for units. */
final readonly class LaneHours
{
    private OpenTime $time;

    /** @var list<Location> */
    private array $places;

    /** @param  string|null  $location the only one that is looked at; null: all */
    public function __construct(private RuleBook $book, private int $fromDay, private int $toDay, ?string $location)
    {
        $this->time = new OpenTime($book, $fromDay - 1, $toDay + 1);
        $this->places = array_values($location === null
            ? $book->locations
            : array_intersect_key($book->locations, [$location => 1]));
    }

    /**
     * @param  list<string>  $only ids; none: everybody
     * @return array<string, Timeline> by staff member: open at any of the places
     */
    public function people(array $only = []): array
    {
        $open = [];
        foreach ($this->book->staff as $member) {
            if ($only !== [] && ! in_array($member->id, $only, true)) {
                continue;
            }
            $open[$member->id] = Timeline::none();
            foreach ($member->active ? $this->places : [] as $location) {
                $open[$member->id] = $open[$member->id]->union($this->time->ofMember($member, $location));
            }
        }

        return $open;
    }

    public function breaks(string $member): Timeline
    {
        $breaks = $this->book->staff[$member]->breaks;

        return $breaks?->between($this->fromDay - 1, $this->toDay, $this->book->zone) ?? Timeline::none();
    }

    /** @return array<string, Timeline> by location: its hours within the business's, less the closures for everyone */
    public function places(): array
    {
        $open = [];
        foreach ($this->places as $location) {
            $hours = $this->time->ofLocation($location);
            $open[$location->id] = $this->house()->intersect($hours ?? $this->house());
        }

        return $open;
    }

    /**
     * @return array<string, array{name: string, open: Timeline, off: Timeline}> by unit: the hours of the place it is
     *   at, and what it is out of order for
     */
    public function units(Business $business): array
    {
        /** @var array<string, string> $names */
        $names = Unit::query()->where('business_id', $business->id)->pluck('name', 'id')->all();
        $places = $this->places();
        $units = [];
        foreach ($this->book->pools as $pool) {
            if ($pool->location !== null && ! isset($places[$pool->location])) {
                continue;
            }
            foreach ($pool->units as $unit) {
                $off = [];
                foreach ($pool->outages[$unit] ?? [] as $outage) {
                    if ($outage->interval !== null) {
                        $off[] = [$outage->interval->start, $outage->interval->end];
                    }
                }
                $off = Timeline::of($off);
                $units[$unit] = [
                    'name' => $names[$unit] ?? '',
                    'open' => ($places[$pool->location ?? ''] ?? $this->house())->subtract($off),
                    'off' => $off,
                ];
            }
        }

        return $units;
    }

    private function house(): Timeline
    {
        $closed = [];
        foreach ($this->book->closures as $closure) {
            if ($closure->staff === null && $closure->span->interval !== null) {
                $closed[] = [$closure->span->interval->start, $closure->span->interval->end];
            }
        }

        return $this->time->opening()->subtract(Timeline::of($closed));
    }
}
