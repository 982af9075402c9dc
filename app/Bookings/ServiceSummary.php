<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Service;
use YardBell\Core\Price\Tariff;

/** A service's price and lengths as they are shown before anything is chosen. */
final class ServiceSummary
{
    /** Most steps of a length of the client's own that are listed. */
    private const MOST_LENGTHS = 96;

    /**
     * @param  list<string>  $staff who may take it
     * @return array{kind: string, amount: int, varies: bool, perPerson: bool} the least it costs, and whether it may
     *                                                                         cost more
     */
    public static function price(Tariff $tariff, array $staff): array
    {
        $span = $tariff->span($staff);

        return [
            'kind' => $span === null ? $tariff->pricing->kind->value : 'fixed',
            'amount' => $span[0] ?? ($tariff->pricing->amount ?? 0),
            'varies' => $span !== null && $span[0] !== $span[1],
            'perPerson' => $tariff->pricing->perPerson,
        ];
    }

    /** @return list<int> to choose from, in the owner's order; one for most services */
    public static function lengths(Tariff $tariff, Service $service): array
    {
        $lengths = $tariff->lengths;

        return match (true) {
            $lengths === null => [$service->minutes],
            $lengths->choices === [] => array_slice(
                range($lengths->min, $lengths->max, $lengths->step),
                0,
                self::MOST_LENGTHS,
            ),
            default => $lengths->choices,
        };
    }
}
