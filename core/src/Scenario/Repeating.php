<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\Occurrence;
use YardBell\Core\Booking\Repeats;
use YardBell\Core\Time\Wall;

use function array_map;

/** The command `repeats`: which of the times of a repeat fit, and what would instead (rules.md T23). */
final class Repeating
{
    /**
     * @param  string  $request JSON
     * @return array{occurrences: list<array<string, mixed>>}
     *
     * @throws BadDocument
     */
    public static function of(Scenario $scenario, string $request): array
    {
        $asked = RepeatRequest::read($request, $scenario);
        $repeats = new Repeats($scenario->book, $scenario->diary, $asked->ask);

        return ['occurrences' => array_map(self::written(...), $repeats->of($asked->rule))];
    }

    /** @return array<string, mixed> */
    private static function written(Occurrence $occurrence): array
    {
        return [
            'start' => Wall::writeInstant($occurrence->start),
            'row' => self::row($occurrence->row),
            'rules' => $occurrence->rules(),
            'nearest' => self::row($occurrence->nearest),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function row(?Slot $slot): ?array
    {
        return $slot === null ? null : Slots::plainRow($slot);
    }
}
