<?php

declare(strict_types=1);

namespace App\Times;

use YardBell\Core\Availability\OpenTime;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Time\Timeline;

/** Why a day has no start, in a word that a client may know: nothing of who is away, or what is booked. */
final readonly class NoStart
{
    private Timeline $opening;

    public function __construct(private RuleBook $book, private Service $service, OpenTime $time, private int $today)
    {
        $closed = [];
        foreach ($book->closures as $closure) {
            if ($closure->staff === null && $closure->span->interval !== null) {
                $closed[] = [$closure->span->interval->start, $closure->span->interval->end];
            }
        }
        $this->opening = $time->opening()->subtract(Timeline::of($closed));
    }

    /**
     * @param  bool  $isOpen whether somebody is open for the service on that day, or a session of it is scheduled
     * @return string beyond (not open to book yet, or no more), session (none is scheduled), closed, away or full
     */
    public function on(int $day, bool $isOpen): string
    {
        return match (true) {
            $this->isBeyond($day) => 'beyond',
            $isOpen => 'full',
            $this->service->hasSessions => 'session',
            $this->opening->intersect($this->book->zone->dates($day, $day))->isEmpty() => 'closed',
            default => 'away',
        };
    }

    private function isBeyond(int $day): bool
    {
        return $day > $this->today + $this->service->bookAheadDays
            || ($this->service->availableFrom !== null && $day < $this->service->availableFrom)
            || ($this->service->availableUntil !== null && $day > $this->service->availableUntil);
    }
}
