<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\Booking;
use App\Support\Column;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Price\Item;

/** What is booked, as the core quotes it. */
final readonly class BookedItem
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function of(Booking $booking): Item
    {
        $addOns = [];
        foreach ($booking->lines as $line) {
            if ($line['kind'] === 'addOn' && isset($line['id'], $line['quantity'])) {
                $addOns[$line['id']] = $line['quantity'];
            }
        }

        return new Item(
            $booking->minutes - $booking->extra_minutes,
            $booking->staff_ids === [] ? $this->leaders($booking) : $booking->staff_ids,
            $booking->party,
            $addOns,
            start: Instants::minute($booking->starts_at),
            isSession: $booking->session_id !== null,
        );
    }

    /** @return list<string> of a session */
    private function leaders(Booking $booking): array
    {
        return Column::strings(
            $this->db
                ->table('booking_staff')
                ->where('business_id', $booking->business_id)
                ->where('booking_id', $booking->id)
                ->pluck('staff_id'),
        );
    }
}
