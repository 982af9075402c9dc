<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Booking\Waitlist;
use YardBell\Core\Booking\WaitlistEntry;
use YardBell\Core\Booking\WaitlistMatch;
use YardBell\Core\Time\Wall;

use function array_map;

/** The command `waitlist`: which times can be booked that somebody waits for (rules.md T22). */
final class Waiting
{
    /**
     * @param  list<string>  $arguments
     * @return array{matches: list<array{row: array<string, mixed>, entries: list<string>}>}
     *
     * @throws BadOption
     */
    public static function of(Scenario $scenario, array $arguments): array
    {
        $options = Options::of($arguments, ['from', 'to', 'now']);
        [$from, $to] = $options->dates();
        $matches = (new Waitlist($scenario->book, $scenario->diary))->matches(
            entries: $scenario->waitlist,
            fromDay: $from,
            toDay: $to,
            now: $options->time('now', Wall::instant(...)),
        );

        return ['matches' => array_map(self::written(...), $matches)];
    }

    /** @return array{row: array<string, mixed>, entries: list<string>} */
    private static function written(WaitlistMatch $match): array
    {
        return [
            'row' => Slots::plainRow($match->row),
            'entries' => array_map(static fn (WaitlistEntry $entry): string => $entry->id, $match->entries),
        ];
    }
}
