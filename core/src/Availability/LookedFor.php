<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

/**
 * The only starts that are looked for, by who and where: those whose appointment, set-up and clear-up included, touches
 * what opens or closes. Of all others it is known that they are as they were.
 */
final readonly class LookedFor
{
    /** @param  array<string, GroundChange>  $grounds by self::key() */
    public function __construct(private array $grounds, private Service $service)
    {
    }

    public static function key(string $member, string $location): string
    {
        return "{$member} {$location}";
    }

    /** @param  non-empty-list<Member>  $crew who would do it together */
    public function of(Location $location, array $crew): Timeline
    {
        $starts = Timeline::none();
        foreach ($crew as $member) {
            $ground = $this->grounds[self::key($member->id, $location->id)] ?? null;
            $starts = $ground === null ? $starts : $starts->union($this->about($ground));
        }

        return $starts;
    }

    private function about(GroundChange $ground): Timeline
    {
        return $ground->within(($this->service->lengths->max ?? 0) + $this->service->clearup, $this->service->setup);
    }

    public function isEmpty(): bool
    {
        foreach ($this->grounds as $ground) {
            if (! $ground->isNothing()) {
                return false;
            }
        }

        return true;
    }
}
