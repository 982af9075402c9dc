<?php

declare(strict_types=1);

namespace App\Board;

use App\Facts\Badge;
use App\Models\Business;
use App\Models\Location;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Timeline;

/** The lanes somebody looks at, over all the days that are shown. */
final readonly class Lanes
{
    public function __construct(private Business $business, private RuleBook $book, private BoardView $looking)
    {
    }

    /** @return list<string> ids of the lanes that a booking or a session hangs on */
    public function of(BoardBooking|Scheduled $tag): array
    {
        return match ($this->looking->by) {
            LanesBy::People => $tag->staff,
            LanesBy::Places => $tag->location === null ? [] : [$tag->location],
            LanesBy::Units => $tag->units,
        };
    }

    /**
     * @param  array<string, Timeline>  $open by staff member
     * @param  list<BoardBooking|Scheduled>  $tags
     * @return list<Lane>
     */
    public function all(LaneHours $ground, array $open, array $tags): array
    {
        $stretches = [];
        foreach ($tags as $tag) {
            foreach ($this->of($tag) as $lane) {
                $stretches[$lane][] = [$tag->takenFrom, $tag->takenUntil];
            }
        }
        $taken = array_map(Timeline::of(...), $stretches);

        return match ($this->looking->by) {
            LanesBy::People => $this->people($ground, $open, $taken),
            LanesBy::Places => $this->places($ground, $taken),
            LanesBy::Units => $this->units($ground, $taken),
        };
    }

    /**
     * Those who work here, and those who did and have something on these days.
     *
     * @param  array<string, Timeline>  $open
     * @param  array<string, Timeline>  $taken
     * @return list<Lane>
     */
    private function people(LaneHours $ground, array $open, array $taken): array
    {
        $none = Timeline::none();
        $lanes = [];
        foreach ($this->business->staff()->get() as $member) {
            $rules = $this->book->staff[$member->id] ?? null;
            if ($rules !== null && isset($open[$member->id]) && ($member->active || isset($taken[$member->id]))) {
                $lanes[] = new Lane(
                    id: $member->id,
                    name: $member->name,
                    badge: Badge::of($member),
                    open: $open[$member->id],
                    taken: $taken[$member->id] ?? $none,
                    breaks: $ground->breaks($member->id),
                    off: $rules->off(),
                    busy: $rules->busy(),
                );
            }
        }

        return $lanes;
    }

    /**
     * @param  array<string, Timeline>  $taken
     * @return list<Lane>
     */
    private function places(LaneHours $ground, array $taken): array
    {
        $none = Timeline::none();
        $open = $ground->places();
        $places = Location::query()->where('business_id', $this->business->id)->orderBy('position')->get();
        $lanes = [];
        foreach ($places as $place) {
            if (isset($open[$place->id])) {
                $lanes[] = new Lane(
                    id: $place->id,
                    name: $place->name,
                    badge: null,
                    open: $open[$place->id],
                    taken: $taken[$place->id] ?? $none,
                    breaks: $none,
                    off: $none,
                    busy: $none,
                );
            }
        }

        return $lanes;
    }

    /**
     * @param  array<string, Timeline>  $taken
     * @return list<Lane>
     */
    private function units(LaneHours $ground, array $taken): array
    {
        $none = Timeline::none();
        $lanes = [];
        foreach ($ground->units($this->business) as $id => $unit) {
            $lanes[] = new Lane(
                id: (string) $id,
                name: $unit['name'],
                badge: null,
                open: $unit['open'],
                taken: $taken[$id] ?? $none,
                breaks: $none,
                off: $unit['off'],
                busy: $none,
            );
        }

        return $lanes;
    }
}
