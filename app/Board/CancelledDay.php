<?php

declare(strict_types=1);

namespace App\Board;

use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Support\Instants;
use Illuminate\Support\Collection;
use YardBell\Core\Booking\State;

/** What was to be on a day and is cancelled, declined or was not come to: by whom, and when that was said. */
final readonly class CancelledDay
{
    private const GONE = [State::Cancelled, State::Declined, State::NoShow];

    private const MOST = 200;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  int  $day day number
     * @param  string|null  $own a member whose bookings alone are shown; null: all
     * @return list<array{
     *     id: string, client: string, service: string, start: string, state: string, by: string, at: string,
     * }> in order of time
     */
    public function of(Business $business, int $day, ?string $own): array
    {
        $span = $business->zone()->dates($day, $day)->stretches();
        $bookings = Booking::query()
            ->where('business_id', $business->id)
            ->where('starts_at', '>=', Instants::carbon($span[0][0]))
            ->where('starts_at', '<', Instants::carbon($span[count($span) - 1][1]))
            ->whereIn('state', self::GONE)
            ->whereNotNull('contact')
            ->when($own !== null, static fn ($query) => $query->whereJsonContains('staff_ids', $own))
            ->orderBy('starts_at')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();

        $changes = BookingChange::query()
            ->where('business_id', $business->id)
            ->whereIn('booking_id', $bookings->modelKeys())
            ->orderBy('id')
            ->get()
            ->groupBy('booking_id');

        return array_values($bookings
            ->map(fn (Booking $booking): array => $this->row($booking, $changes->get($booking->id) ?? new Collection()))
            ->all());
    }

    /**
     * @param  Collection<int, BookingChange>  $changes of its history
     * @return array{
     *     id: string, client: string, service: string, start: string, state: string, by: string, at: string,
     * }
     */
    private function row(Booking $booking, Collection $changes): array
    {
        $said = $changes->last(
            static fn (BookingChange $change): bool => $change->state === $booking->state->value,
        );
        $by = $said->by ?? '';

        return [
            'id' => $booking->id,
            'client' => $booking->contact['name'] ?? '',
            'service' => $booking->service_name,
            'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'),
            'state' => $booking->state->value,
            'by' => str_starts_with($by, 'history.') ? $this->catalogue->text($by) : $by,
            'at' => ($said->at ?? $booking->created_at)->format('Y-m-d\TH:i\Z'),
        ];
    }
}
