<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function max;
use function min;

/**
 * What the rules say about one service and length on the dates asked for, each rule by itself: what the search sweeps
 * over, and what its why-not (T19) looks up. $minutes is the whole length, add-ons included.
 */
final readonly class Ground
{
    /** T11 */
    public Timeline $reach;

    /** T5: where the service may start at all, hours aside. */
    public Timeline $wanted;

    /** T5: the service's dayparts. */
    public Timeline $parts;

    public OpenTime $open;

    public Commitments $commitments;

    public DayCounts $counts;

    public Units $units;

    public Grid $grid;

    public Gaps $gaps;

    /** @var array<string, array<int, Group>> T14: by who and where, then by start */
    public array $groups;

    public function __construct(
        public RuleBook $book,
        Diary $diary,
        public Service $service,
        public Ask $ask,
        public int $minutes,
        ?OpenTime $open = null,
        ?Commitments $commitments = null,
    ) {
        $this->reach = Reach::of($book->zone, $service, $ask);
        $this->parts = $this->dayparts();
        $this->wanted = $ask->relaxed->anyTime
            ? $this->reach
            : $this->reach->intersect($this->available())->intersect($this->parts);
        $this->open = $open ?? OpenTime::around($book, $service, $ask, $minutes);
        $this->commitments = $commitments ?? new Commitments($book, $diary, $ask->now, $this->horizon());
        $this->counts = new DayCounts($book, $diary, $ask);
        $this->units = new Units(
            book: $book,
            service: $service,
            minutes: $minutes,
            party: $ask->party,
            commitments: $this->commitments,
        );
        $this->grid = $ask->relaxed->anyTime || $ask->relaxed->grid
            ? new Grid($book->zone, 1, false)
            : new Grid($book->zone, $service->startEvery, $service->gridFromOpening);
        $this->gaps = new Gaps(
            book: $book,
            service: $service,
            minutes: $minutes,
            open: $this->open,
            commitments: $this->commitments,
        );
        $this->groups = $service->isShared() ? Group::gather(
            diary: $diary,
            service: $service,
            minutes: $minutes,
            ask: $ask,
            zone: $book->zone,
        ) : [];
    }

    /**
     * T4: when all of them are open at once.
     *
     * @param  non-empty-list<Member>  $crew
     */
    public function openFor(Location $location, array $crew): Timeline
    {
        return $this->open->together($crew, $location, $this->service);
    }

    /**
     * T6, T7: the starts at which this commitment is in the way.
     *
     * @return array{int, int}
     */
    public function blocked(Commitment $commitment, Location $location): array
    {
        return $commitment->blocks(
            $this->minutes,
            $this->service->setup,
            $this->service->clearup,
            $commitment->travelTo($location->id, $this->book->travelMinutes),
        );
    }

    /** T5: the local dates on which the service can be had. */
    public function available(): Timeline
    {
        $from = max($this->ask->fromDay, $this->service->availableFrom ?? $this->ask->fromDay);
        $to = min($this->ask->toDay, $this->service->availableUntil ?? $this->ask->toDay);

        return $from <= $to ? $this->book->zone->dates($from, $to) : Timeline::none();
    }

    private function dayparts(): Timeline
    {
        $dates = $this->book->zone->dates($this->ask->fromDay, $this->ask->toDay);
        if ($this->service->dayparts === [] || $this->ask->relaxed->dayparts) {
            return $dates;
        }
        $parts = Timeline::none();
        foreach ($this->service->dayparts as $daypart) {
            $parts = $parts->union(
                $this->book->dayparts[$daypart]->between(
                    $this->ask->fromDay - 3,
                    $this->ask->toDay + 3,
                    $this->book->zone,
                ),
            );
        }

        return $dates->intersect($parts);
    }

    /** @return array{int, int} the instants a wanted appointment can touch, with a margin */
    private function horizon(): array
    {
        $more = Gaps::margin($this->book, $this->service);

        return [
            ($this->ask->fromDay - 2 - $more) * Wall::DAY - $this->service->setup,
            ($this->ask->toDay + 3 + $more) * Wall::DAY + $this->minutes + $this->service->clearup,
        ];
    }
}
