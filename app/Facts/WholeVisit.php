<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\AskedToPay;
use App\Models\Booking;

/** A visit of several services as one: its parts in sums, as far as they are not over. */
final class WholeVisit
{
    /**
     * One that is only looked at, never saved.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     */
    public static function of(array $parts): Booking
    {
        $standing = self::standing($parts);
        $whole = clone $standing[0];
        $whole->price = self::sum($standing, static fn (Booking $part): int => $part->price);
        $whole->due_now = self::sum($standing, static fn (Booking $part): int => $part->due_now);
        $whole->payment = AskedToPay::strongest(
            array_map(static fn (Booking $part): AskedToPay => $part->payment, $standing),
        );
        $whole->lines = self::lines(array_map(static fn (Booking $part): array => $part->lines, $standing));
        $whole->taxes = array_merge(...array_map(static fn (Booking $part): array => $part->taxes, $standing));
        $last = $standing[count($standing) - 1];
        $whole->minutes = (int) $whole->starts_at->diffInMinutes($last->endsAt());

        return $whole;
    }

    /**
     * @param  non-empty-list<Booking>  $parts in order of time
     * @return non-empty-list<Booking> those that are not over; all, where all are
     */
    public static function standing(array $parts): array
    {
        $standing = array_filter(
            $parts,
            static fn (Booking $part): bool => ! $part->state->isOver(),
        );

        return array_values($standing) ?: $parts;
    }

    /**
     * They may have been moved apart.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     * @return non-empty-list<Booking> those on the local date of one of them
     */
    public static function onDayOf(array $parts, Booking $one): array
    {
        $zone = $one->business->time_zone;
        $date = static fn (Booking $part): string => $part->starts_at->setTimezone($zone)->format('Y-m-d');
        $sameDay = array_filter($parts, static fn (Booking $part): bool => $date($part) === $date($one));

        return array_values($sameDay) ?: [$one];
    }

    /**
     * @param  list<list<array{
     *     kind: string, label: string, amount: int, id?: string, quantity?: int, net?: int, line?: int,
     * }>>  $lines of the quotes; one that is about another names its place among them
     * @return list<array{
     *     kind: string, label: string, amount: int, id?: string, quantity?: int, net?: int, line?: int,
     * }>
     */
    public static function lines(array $lines): array
    {
        $all = [];
        foreach ($lines as $some) {
            $before = count($all);
            foreach ($some as $line) {
                $all[] = isset($line['line']) ? [...$line, 'line' => $line['line'] + $before] : $line;
            }
        }

        return $all;
    }

    /**
     * @param  list<array{name: string, percent: string, amount: int}>  $taxes
     * @return list<array{name: string, percent: string, amount: int}> one a rate
     */
    public static function taxes(array $taxes): array
    {
        $rates = [];
        foreach ($taxes as $tax) {
            $rate = "{$tax['name']} {$tax['percent']}";
            $rates[$rate] = [...$tax, 'amount' => $tax['amount'] + ($rates[$rate]['amount'] ?? 0)];
        }

        return array_values($rates);
    }

    /**
     * @param  non-empty-list<Booking>  $parts
     * @param  callable(Booking): int  $of
     */
    private static function sum(array $parts, callable $of): int
    {
        return array_sum(array_map($of, $parts));
    }
}
