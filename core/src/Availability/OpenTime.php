<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_slice;
use function intdiv;
use function max;
use function min;

/** T4: when a staff member is open for a service at a location, over a range of dates (day numbers). */
final class OpenTime
{
    /** What would last longer than ten years is taken not to fit. */
    private const LONGEST_DAYS = 3660;

    private readonly Timeline $opening;

    /** @var array<string, Timeline> */
    private array $known = [];

    /** @param  self|null  $like by another book, over the same dates: what stands in both is worked out once */
    public function __construct(
        private readonly RuleBook $book,
        private readonly int $fromDay,
        private readonly int $toDay,
        private readonly ?self $like = null,
    ) {
        $this->opening = $this->expand($book->openingHours);
    }

    /**
     * Over all dates that can matter to what is asked: those an appointment reaches into, those a grid is counted from.
     */
    public static function around(RuleBook $book, Service $service, Ask $ask, int $minutes): self
    {
        $more = Gaps::margin($book, $service);

        return new self(
            $book,
            $ask->fromDay - 3 - max($more, $service->gridFromOpening ? Grid::LOOKS_BACK : 0),
            $ask->toDay + 3 + $more + min(self::LONGEST_DAYS, intdiv($minutes, Wall::DAY)),
        );
    }

    public function of(Member $member, Location $location, Service $service): Timeline
    {
        $open = $this->at($member, $location);
        $hours = $this->ofService($service);

        return $hours === null
            ? $open
            : ($this->known["all {$member->id} {$location->id} {$service->id}"] ??= $open->intersect($hours));
    }

    /**
     * When all of them are open for the service at once.
     *
     * @param  non-empty-list<Member>  $crew
     */
    public function together(array $crew, Location $location, Service $service): Timeline
    {
        $open = $this->of($crew[0], $location, $service);
        foreach (array_slice($crew, 1) as $member) {
            $open = $open->intersect($this->of($member, $location, $service));
        }

        return $open;
    }

    /** When somebody is there, whatever it is for. */
    public function at(Member $member, Location $location): Timeline
    {
        $open = $this->ofMember($member, $location); // within the opening hours already
        $place = $this->ofLocation($location);

        return $place === null
            ? $open
            : ($this->known["place {$member->id} {$location->id}"] ??= $open->intersect($place));
    }

    /** Opening hours and the member's own, less closures and breaks: what every service shares. */
    public function ofMember(Member $member, Location $location): Timeline
    {
        return $this->known["member {$member->id} {$location->id}"] ??= $this->opening->intersect(
            $this->there($member, $location),
        );
    }

    /** Their own hours, less closures and breaks. */
    private function there(Member $member, Location $location): Timeline
    {
        $like = $member->weekly !== null && $this->like?->book->closures === $this->book->closures
            ? $this->with($member)
            : null;

        return $this->known["there {$member->id} {$location->id}"] ??=
            $like?->there($member, $location) ??
            $this->own($member, $location)->subtract($this->closures($member))->subtract($this->breaks($member));
    }

    public function opening(): Timeline
    {
        return $this->opening;
    }

    public function own(Member $member, Location $location): Timeline
    {
        if ($member->weekly === null && $member->special === []) {
            return $this->opening;
        }
        $like = $member->weekly === null ? null : $this->with($member); // otherwise some days follow the opening hours

        return $this->known["own {$member->id} {$location->id}"] ??=
            $like?->own($member, $location) ?? $this->expandOwn($member, $location);
    }

    /** The other, where its book has this very member and the same clock. */
    private function with(Member $member): ?self
    {
        return $this->like !== null &&
            $this->like->book->zone === $this->book->zone &&
            ($this->like->book->staff[$member->id] ?? null) === $member
            ? $this->like
            : null;
    }

    private function expandOwn(Member $member, Location $location): Timeline
    {
        $own = new Hours($member->weekly ?? [], $member->special);
        $stretches = [];
        for ($day = $this->fromDay; $day <= $this->toDay; $day++) {
            $follows = $member->weekly === null && ! $own->hasSpecialDay($day);
            foreach ($follows ? $this->book->openingHours->on($day) : $own->on($day) as $window) {
                if ($window->at === null || $window->at === $location->id) {
                    $stretches[] = $window->on($day, $this->book->zone);
                }
            }
        }

        return Timeline::of($stretches);
    }

    public function ofLocation(Location $location): ?Timeline
    {
        return $location->hours === null
            ? null
            : ($this->known["location {$location->id}"] ??= $this->expand($location->hours));
    }

    public function ofService(Service $service): ?Timeline
    {
        return $service->hours === null
            ? null
            : ($this->known["service {$service->id}"] ??= $this->expand($service->hours));
    }

    public function closures(Member $member): Timeline
    {
        $closed = [];
        foreach ($this->book->closures as $closure) {
            if ($closure->span->interval !== null && $closure->names($member->id)) {
                $closed[] = [$closure->span->interval->start, $closure->span->interval->end];
            }
        }

        return Timeline::of($closed);
    }

    public function breaks(Member $member): Timeline
    {
        if ($member->breaks === null) {
            return Timeline::none();
        }

        return $this->known["breaks {$member->id}"] ??=
            $this->with($member)?->breaks($member) ?? $this->expand($member->breaks);
    }

    private function expand(Hours $hours): Timeline
    {
        return $hours->between($this->fromDay, $this->toDay, $this->book->zone);
    }
}
