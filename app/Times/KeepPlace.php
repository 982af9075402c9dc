<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Booking;
use App\Models\Business;
use YardBell\Core\Availability\Slot;

/**
 * The row that a booking has where it is, as it would be now: the same people, or its session; the units may be others.
 * All that it takes is claimed.
 */
final readonly class KeepPlace
{
    public function __construct(private RulesReader $rules, private Bookable $bookable, private Claims $claims)
    {
    }

    /** @param  string  $without id of a booking that is not in the way: itself, where it still holds its time */
    public function __invoke(Business $business, Booking $booking, Wish $wish, string $without = ''): ?Slot
    {
        return $this->claims->settled(
            $business,
            fn (): ?Slot => $this->same($business, $booking, $wish, $without),
            $booking->setup,
            $booking->clearup,
        );
    }

    private function same(Business $business, Booking $booking, Wish $wish, string $without): ?Slot
    {
        foreach ($this->bookable->at($business, $this->rules->bookNow($business), $wish, $without) as $slot) {
            $isSame = $slot->session === $booking->session_id &&
                ($slot->session !== null || $slot->staff === $booking->staff_ids);
            if ($isSame) {
                return $slot;
            }
        }

        return null;
    }
}
