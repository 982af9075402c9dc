<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Availability\WhyNot;
use YardBell\Core\Time\Wall;

use function array_map;
use function in_array;

/** The command `why`: whether an instant is offered, and if not, every rule in the way (T19). */
final class Why
{
    /**
     * @param  list<string>  $arguments
     * @return array{offered: bool, rows: list<array<string, mixed>>}
     *
     * @throws BadOption
     */
    public static function of(Scenario $scenario, array $arguments): array
    {
        $options = Options::of($arguments, ['service', 'at', 'now', 'minutes', 'extra', 'party', 'staff', 'location']);
        $at = $options->time('at', Wall::instant(...));
        $day = $scenario->book->zone->day($at);
        $words = new ReasonWords($scenario->book);
        $rows = array_map(
            static fn (Verdict $verdict): array => [
                'location' => $verdict->location,
                'staff' => $verdict->staff,
                'offered' => $verdict->isOffered(),
                'reasons' => array_map(
                    static fn (Reason $reason): array => [
                        'rule' => $reason->rule,
                        'because' => $reason->because(),
                        'detail' => $words->of($reason),
                    ],
                    $verdict->reasons,
                ),
            ],
            (new WhyNot($scenario->book, $scenario->diary))->verdicts(Slots::ask($options, $scenario, $day, $day), $at),
        );

        return ['offered' => in_array(true, array_column($rows, 'offered'), true), 'rows' => $rows];
    }
}
