<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Booking\MonthDay;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\RepeatUnit;
use YardBell\Core\Time\Wall;

use function array_flip;
use function array_map;
use function array_search;
use function count;
use function in_array;
use function is_bool;

/** Reads what `repeats` is asked for (rules.md T23). */
final readonly class RepeatRequest
{
    private const KEYS = [
        'service',
        'minutes',
        'extra',
        'party',
        'staff',
        'location',
        'at',
        'every',
        'weekdays',
        'byWeekday',
        'count',
        'until',
        'now',
        'anyTime',
    ];

    /** Units between two occurrences at most: more is a slip of the keyboard. */
    private const FURTHEST = 1000;

    private function __construct(public Ask $ask, public RepeatRule $rule)
    {
    }

    /** @throws BadDocument with every problem found */
    public static function read(string $json, Scenario $scenario): self
    {
        $node = new Node(Requested::object($json), '', new Problems(), self::KEYS);
        $ask = new Ask(
            service: $node->id('service', $scenario->book->services, 'service'),
            fromDay: 0,
            toDay: 0,
            now: $node->instant('now'),
            minutes: $node->numberOrNull('minutes', 0, ServiceReader::LONGEST),
            extra: $node->number('extra', 0, ServiceReader::LONGEST, 0),
            party: $node->number('party', 1, DiaryReader::LARGEST, 1),
            staff: $node->idOrNull('staff', $scenario->book->staff, 'staff member'),
            location: $node->idOrNull('location', $scenario->book->locations, 'location'),
            relaxed: $node->flag('anyTime', false) ? Relaxed::wholly() : new Relaxed(),
        );
        $rule = self::rule($node);
        $node->problems->throwIfAny();

        return new self($ask, $rule);
    }

    private static function rule(Node $node): RepeatRule
    {
        $wall = $node->time('at', Wall::dateTime(...));
        [$unit, $every] = self::every($node);
        $monthDay = self::monthDay($node);
        if ($monthDay !== MonthDay::Same && $unit !== RepeatUnit::Months) {
            $node->refuse('byWeekday', 'only months are counted by the weekday.');
        }
        $weekdays = self::weekdays($node, $unit);
        $count = $node->numberOrNull('count', 1, RepeatRule::MOST);
        $until = $node->dayOrNull('until');
        if (($count === null) === ($until === null)) {
            $node->refuse('count', 'either how many, or "until" which date, is needed.');
        }
        $rule = new RepeatRule(
            wall: $wall,
            every: $every,
            unit: $unit,
            monthDay: $monthDay,
            count: $count,
            untilDay: $until,
            weekdays: $weekdays,
        );
        if ($weekdays !== [] && ! in_array(Wall::weekday($rule->day), $weekdays, true)) {
            $node->refuse('weekdays', 'the weekday of "at" is not among them.');
        }
        if ($until !== null && $until < $rule->day) {
            $node->refuse('until', 'it must not be before the date of "at".');
        } elseif ($until !== null && count($rule->days()) > RepeatRule::MOST) {
            $node->refuse('until', 'at most '.RepeatRule::MOST.' times can be asked for at once.');
        }

        return $rule;
    }

    private static function monthDay(Node $node): MonthDay
    {
        if ($node->raw('byWeekday') === 'last') {
            return MonthDay::LastWeekday;
        }
        if (! is_bool($node->raw('byWeekday') ?? false)) {
            $node->refuse('byWeekday', 'true, false or "last" is needed.');
        }

        return $node->raw('byWeekday') === true ? MonthDay::Weekday : MonthDay::Same;
    }

    /** @return list<int> 0 = Monday … */
    private static function weekdays(Node $node, RepeatUnit $unit): array
    {
        if (! $node->has('weekdays')) {
            return [];
        }
        if ($unit !== RepeatUnit::Weeks) {
            $node->refuse('weekdays', 'only weeks name weekdays.');
        }
        $named = $node->ids('weekdays', array_flip(Wall::WEEKDAYS), 'weekday');
        if ($named === [] && $node->items('weekdays') === []) {
            $node->refuse('weekdays', 'a list of weekdays has at least one.');
        }

        return array_map(static fn (string $name): int => (int) array_search($name, Wall::WEEKDAYS, true), $named);
    }

    /** @return array{RepeatUnit, int} */
    private static function every(Node $node): array
    {
        if (! $node->has('every')) {
            $node->refuse('every', 'it is missing.');
        }
        $units = array_map(static fn (RepeatUnit $unit): string => $unit->value, RepeatUnit::cases());
        $every = $node->node('every', $units);
        $named = array_values(
            array_filter(
                RepeatUnit::cases(),
                static fn (RepeatUnit $unit): bool => $every?->has($unit->value) === true,
            ),
        );
        if ($every === null) {
            return [RepeatUnit::Days, 1];
        }
        if (count($named) !== 1) {
            $node->refuse('every', 'one of days, weeks, months is needed.');

            return [RepeatUnit::Days, 1];
        }

        return [$named[0], $every->number($named[0]->value, 1, self::FURTHEST)];
    }
}
