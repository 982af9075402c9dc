<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;

/** What a client does again and again. */
final class Client
{
    /** A day some days ahead on which the yard is open: "2027-03-04". */
    public static function openDay(int $atLeast): string
    {
        for (
            $day = $atLeast;
            in_array((new DateTimeImmutable("+{$day} days"))->format('D'), ['Sat', 'Sun'], true);
            $day++
        ) {
        }

        return (new DateTimeImmutable("+{$day} days"))->format('Y-m-d');
    }

    /** The first day so many days ahead, or after that, of which the almanac still offers something. */
    public static function freeDay(Window $window, int $atLeast): string
    {
        $free =
            'return [...document.querySelectorAll("[data-date]")].find((day) => day.dataset.date >= arguments[0] && '
                .'day.querySelector(".door:not(:disabled), .part-fold:not(:disabled)"))?.dataset.date';

        return (string) $window->until(
            "a day from {$atLeast} days ahead on has something free",
            fn (): ?string => $window->driver->executeScript($free, [self::openDay($atLeast)]),
        );
    }

    /** Picks the first start of such a day on the wide almanac and keeps it. Answers with the day. */
    public static function keepFirst(Window $window, int $atLeast): string
    {
        $date = self::freeDay($window, $atLeast);
        $opens = $window->find("[data-date='{$date}'] .door")->getAttribute('aria-expanded') !== null;
        $window->press("[data-date='{$date}'] .door");
        if ($opens) {
            $window->press("[data-date='{$date}'] .start");
        }
        $window->press('#keep')->sees('Who is coming?');

        return $date;
    }

    public static function fillIn(Window $window, string $name, string $mail): Window
    {
        return $window->type('#name', $name)->type('#email', $mail)->press('#book');
    }
}
