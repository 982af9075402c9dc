<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;

use function array_filter;
use function array_intersect;
use function array_values;
use function in_array;

/** The starts that the rules offer and a waitlist entry's wishes allow. */
final readonly class WaitlistMatch
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /**
     * @param  int  $now instant
     * @return list<Slot>
     */
    public function slots(WaitlistEntry $entry, int $now): array
    {
        $ask = new Ask(
            service: $entry->service,
            fromDay: $entry->fromDay,
            toDay: $entry->toDay,
            now: $now,
            minutes: $entry->minutes,
            extra: 0,
            party: $entry->party,
            relaxed: new Relaxed(gaps: true), // T21's `only` is not asked
        );
        $wished = $entry->weekdays === [] ? null : $this->wished($entry);

        return array_values(
            array_filter(
                (new SlotSearch($this->book, $this->diary))->slots($ask),
                static fn (Slot $slot): bool => ($entry->staff === [] ||
                    array_intersect($slot->staff, $entry->staff) !== []) &&
                    ($entry->locations === [] || in_array($slot->location, $entry->locations, true)) &&
                    ($wished === null || $wished->covers($slot->start)),
            ),
        );
    }

    /** A window that runs past midnight begins on the date before. */
    private function wished(WaitlistEntry $entry): Timeline
    {
        return (new Hours($entry->weekdays))->between($entry->fromDay - 1, $entry->toDay, $this->book->zone);
    }
}
