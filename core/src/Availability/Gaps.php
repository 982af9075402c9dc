<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_filter;
use function array_map;
use function array_values;
use function in_array;
use function intdiv;
use function max;
use function min;

/** T21: what an appointment would leave of somebody's room that is too short for anything they do there. */
final class Gaps
{
    /** @var array<string, Timeline> by person and place */
    private array $rooms = [];

    /** @var array<string, int> by person and place */
    private array $least = [];

    public function __construct(
        private readonly RuleBook $book,
        private readonly Service $service,
        private readonly int $minutes,
        private readonly OpenTime $open,
        private readonly Commitments $commitments,
    ) {
    }

    /**
     * How many days beyond those asked for have to be known: a remainder that is longer is long enough.
     */
    public static function margin(RuleBook $book, Service $service): int
    {
        if ($book->tightDays === TightDays::Off) {
            return 0;
        }
        $least = 0;
        foreach ($book->services as $other) {
            $least = max($least, self::taken($other));
        }

        return 1 + intdiv($least + max($service->setup, $service->clearup), Wall::DAY);
    }

    /** @param  non-empty-list<Member>  $crew */
    public function isTight(array $crew, Location $location, int $start): bool
    {
        return $this->lost($crew, $location, $start) === [];
    }

    /**
     * The remainders that are lost: what is left before and after it in the room of each, if it is more than nothing
     * and less than the shortest they could be booked for.
     *
     * @param  non-empty-list<Member>  $crew
     * @return list<array{member: string, from: int, until: int}>
     */
    public function lost(array $crew, Location $location, int $start): array
    {
        $lost = [];
        $end = $start + $this->minutes;
        foreach ($crew as $member) {
            $piece = $this->room($member, $location)->stretchAt($start);
            if ($piece === null || $piece[1] < $end) {
                continue; // it lies in no piece
            }
            $before = [$piece[0], $start - $this->service->setup];
            $after = [$end + $this->service->clearup, $piece[1]];
            foreach ([$before, $after] as [$from, $until]) {
                if ($until > $from && $until - $from < $this->least($member, $location)) {
                    $lost[] = ['member' => $member->id, 'from' => $from, 'until' => $until];
                }
            }
        }

        return $lost;
    }

    /** T4's open time without the service's hours, less what they are taken by. */
    private function room(Member $member, Location $location): Timeline
    {
        return $this->rooms["{$member->id} {$location->id}"] ??= $this->open->at($member, $location)->subtract(
            Timeline::of(
                array_map(
                    function (Commitment $taken) use ($location): array {
                        $travel = $taken->travelTo($location->id, $this->book->travelMinutes);

                        return [$taken->start - $travel, $taken->end + $travel];
                    },
                    $this->commitments->ofMember($member->id),
                ),
            ),
        );
    }

    /** The least that anything takes which they do there, whether or not it could be booked then. */
    private function least(Member $member, Location $location): int
    {
        return $this->least["{$member->id} {$location->id}"] ??= min(
            PHP_INT_MAX,
            ...array_values(
                array_map(
                    static fn (Service $service): int => self::taken($service) ?: PHP_INT_MAX,
                    array_filter(
                        $this->book->services,
                        static fn (Service $service): bool => in_array($member->id, $service->staff, true) &&
                            in_array($location->id, $service->locations, true),
                    ),
                ),
            ),
        );
    }

    /** Of its shortest appointment, with set-up and clear-up; 0 where there is none. */
    private static function taken(Service $service): int
    {
        return $service->lengths === null || $service->hasSessions
            ? 0
            : $service->setup + $service->lengths->min + $service->clearup;
    }
}
