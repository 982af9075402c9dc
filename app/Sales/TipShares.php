<?php

declare(strict_types=1);

namespace App\Sales;

/** P10: a tip is shared equally by those who took the visits, what remains goes to the first. */
final class TipShares
{
    /**
     * @param  list<string>  $staff
     * @return array<string, int> by member, minor unit; under '' where nobody took them
     */
    public static function of(array $staff, int $tip): array
    {
        $staff = array_values(array_unique($staff)) ?: [''];
        $shares = [];
        foreach ($staff as $i => $member) {
            $shares[$member] = intdiv($tip, count($staff)) + ($i < $tip % count($staff) ? 1 : 0);
        }

        return $shares;
    }
}
