<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

/** The only starts that are looked for, by who and where: of all others it is known that they are as they were. */
final readonly class LookedFor
{
    /** @param  array<string, Timeline>  $starts by self::key() */
    public function __construct(private array $starts)
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
            $starts = $starts->union($this->starts[self::key($member->id, $location->id)] ?? Timeline::none());
        }

        return $starts;
    }

    public function isEmpty(): bool
    {
        foreach ($this->starts as $starts) {
            if (! $starts->isEmpty()) {
                return false;
            }
        }

        return true;
    }
}
