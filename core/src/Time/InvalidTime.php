<?php

declare(strict_types=1);

namespace YardBell\Core\Time;

use DomainException;
use YardBell\Core\CoreException;

final class InvalidTime extends DomainException implements CoreException
{
    /** @param  string  $problem what is wrong, as a code: date, time-of-day, wall, instant, zone or interval */
    private function __construct(public readonly string $problem, string $message, public readonly string $given)
    {
        parent::__construct($message);
    }

    public static function date(string $given): self
    {
        return new self(
            'date',
            "A date looks like 2027-03-01 and lies between 1900 and 2199, but got \"{$given}\".",
            $given,
        );
    }

    public static function timeOfDay(string $given): self
    {
        return new self(
            'time-of-day',
            "A time of day looks like 09:30, but got \"{$given}\".",
            $given,
        );
    }

    public static function wall(string $given): self
    {
        return new self(
            'wall',
            "A date and time looks like 2027-03-01T09:30, without a zone, but got \"{$given}\".",
            $given,
        );
    }

    public static function instant(string $given): self
    {
        return new self(
            'instant',
            "An instant looks like 2027-03-01T09:30Z, but got \"{$given}\".",
            $given,
        );
    }

    public static function zone(string $given): self
    {
        return new self(
            'zone',
            "\"{$given}\" is not a time zone of this machine's zone tables (like Europe/Lisbon).",
            $given,
        );
    }

    public static function endsTooEarly(int $start, int $end): self
    {
        return new self(
            'interval',
            "An interval ends after it starts, but got start {$start} and end {$end}.",
            "{$start}-{$end}",
        );
    }
}
