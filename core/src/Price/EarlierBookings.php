<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Zone;

use function array_map;
use function array_values;
use function max;

/** L7: a visit that reaches a level when it is booked lets those that it counted cost no more than that level. */
final readonly class EarlierBookings
{
    /**
     * Of a client without a rate of their own, which no level reduces.
     *
     * @param  int  $start of the visit that is booked: an instant
     * @param  array<string, SoldItem>  $sold the client's others of this service that hold time, by booking
     * @return array<string, int> by how much each costs less, as prices are stated; of those that do
     */
    public static function corrections(Tariff $tariff, int $start, array $sold, Zone $zone): array
    {
        $service = $tariff->service;
        $visits = array_map(
            static fn (SoldItem $visit): KnownBooking => new KnownBooking($service, $visit->start),
            array_values($sold),
        );
        $less = [];
        foreach ($tariff->pricing->frequencies as $rule) {
            $level = $rule->earlier
                ? $rule->reached($rule->count(
                    $service,
                    $start,
                    [new KnownBooking($service, $start), ...$visits],
                    $zone,
                ))
                : null;
            if ($level === null) {
                continue;
            }
            foreach ($sold as $booking => $visit) {
                $dearer = $visit->base - $level->amount;
                if ($dearer > 0 && $rule->count($service, $start, [new KnownBooking($service, $visit->start)], $zone)) {
                    $much = Amounts::times($dearer, $tariff->pricing->perPerson ? $visit->party : 1);
                    $less[$booking] = max($less[$booking] ?? 0, $much);
                }
            }
        }

        return $less;
    }
}
