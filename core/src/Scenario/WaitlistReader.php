<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Booking\WaitlistEntry;
use YardBell\Core\Time\Wall;

use function array_values;

/** Reads who waits for a time (T22). */
final readonly class WaitlistReader
{
    /** @param  array<string, string>  $clients names by id */
    public function __construct(private TimeReader $times, private RuleBook $book, private array $clients)
    {
    }

    /** @return list<WaitlistEntry> */
    public function entries(Node $document): array
    {
        $entries = [];
        foreach ($document->nodes('waitlist', Keys::WAITLIST) as $node) {
            $id = Reader::newId($node, $entries);
            $entries[$id] = new WaitlistEntry(
                id: $id,
                service: $node->id('service', $this->book->services, 'service'),
                fromDay: $node->time('from', Wall::day(...)),
                untilDay: $node->time('until', Wall::day(...)),
                createdAt: $node->instant('createdAt'),
                minutes: $node->numberOrNull('minutes', 0, ServiceReader::LONGEST),
                extra: $node->number('extra', 0, ServiceReader::LONGEST, 0),
                party: $node->number('party', 1, DiaryReader::LARGEST, 1),
                staff: $this->wished($node, 'staff', $this->book->staff, 'staff member'),
                locations: $this->wished($node, 'locations', $this->book->locations, 'location'),
                windows: $this->times->weekly($node, 'windows'),
                client: $node->idOrNull('client', $this->clients, 'client'),
            );
        }

        return array_values($entries);
    }

    /**
     * @param  array<string, mixed>  $known
     * @return non-empty-list<string>|null
     */
    private function wished(Node $node, string $key, array $known, string $what): ?array
    {
        if (! $node->has($key)) {
            return null;
        }
        $ids = $node->ids($key, $known, $what);
        if ($ids === [] && $node->items($key) === []) {
            $node->refuse($key, 'null is anybody and anywhere; an empty list would be nobody and nowhere.');
        }

        return $ids === [] ? null : $ids;
    }
}
