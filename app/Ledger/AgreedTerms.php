<?php

declare(strict_types=1);

namespace App\Ledger;

use YardBell\Core\Booking\CancellationTerms;
use YardBell\Core\Price\Percent;

/** Cancellation terms as they are kept with a service, and with a booking as it was made (rules.md L4). */
final class AgreedTerms
{
    /** @param  array{freeMinutes: int, amount: int|null, percent: string|null}|null  $terms null: always free */
    public static function of(?array $terms): CancellationTerms
    {
        return $terms === null
            ? new CancellationTerms(0, 0)
            : new CancellationTerms($terms['freeMinutes'], $terms['percent'] === null ? $terms['amount'] ?? 0 : Percent::of($terms['percent']));
    }
}
