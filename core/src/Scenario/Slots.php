<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Time\Wall;

use function array_diff_key;
use function array_map;

/** The command `slots`: which times can be booked. */
final class Slots
{
    /**
     * @param  list<string>  $arguments
     * @return array{slots: list<array<string, mixed>>}
     *
     * @throws BadOption
     */
    public static function of(Scenario $scenario, array $arguments): array
    {
        $options = Options::of($arguments, [
            'service',
            'from',
            'to',
            'now',
            'minutes',
            'extra',
            'party',
            'staff',
            'location',
        ]);
        [$from, $to] = $options->dates();
        $search = new SlotSearch($scenario->book, $scenario->diary);

        return ['slots' => array_map(self::row(...), $search->slots(self::ask($options, $scenario, $from, $to)))];
    }

    /** @throws BadOption */
    public static function ask(Options $options, Scenario $scenario, int $fromDay, int $toDay): Ask
    {
        $options->text('service');

        return new Ask(
            service: $options->id('service', $scenario->book->services) ?? '',
            fromDay: $fromDay,
            toDay: $toDay,
            now: $options->time('now', Wall::instant(...)),
            minutes: $options->number('minutes', 0),
            extra: $options->number('extra', 0) ?? 0,
            party: $options->number('party', 1) ?? 1,
            staff: $options->id('staff', $scenario->book->staff),
            location: $options->id('location', $scenario->book->locations),
        );
    }

    /** @return array<string, mixed> a row without what says how it compares with others */
    public static function plainRow(Slot $slot): array
    {
        return array_diff_key(self::row($slot), ['next' => true, 'tight' => true]);
    }

    /** @return array<string, mixed> */
    public static function row(Slot $slot): array
    {
        return [
            'start' => Wall::writeInstant($slot->start),
            'end' => Wall::writeInstant($slot->end),
            'location' => $slot->location,
            'staff' => $slot->staff,
            'units' => $slot->units,
            'places' => $slot->places,
            ...($slot->next === null ? [] : ['next' => $slot->next]),
            'session' => $slot->session,
            ...($slot->tight === null ? [] : ['tight' => $slot->tight]),
        ];
    }
}
