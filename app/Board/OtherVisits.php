<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Time\Wall;

/** When else the client of a booking was here, and comes again: the nearest of each, the latest first. */
final readonly class OtherVisits
{
    private const MOST = 4;

    public function __construct(private Clock $clock)
    {
    }

    /** @return list<array{id: string, start: string, service: string, state: string, ahead: bool}> */
    public function of(Business $business, Access $access, Booking $booking): array
    {
        if ($booking->client_id === null) {
            return [];
        }
        $now = $this->clock->now();
        $others = Booking::query()
            ->where('business_id', $business->id)
            ->where('client_id', $booking->client_id)
            ->whereKeyNot($booking->id)
            ->whereNotIn('state', ['held', 'expired'])
            ->when($access->ownLane() !== null, fn (Builder $query) => $query->whereHas(
                'staff',
                fn (Builder $staff) => $staff->where('staff.id', $access->ownLane()),
            ));
        $ahead = (clone $others)->where('starts_at', '>', $now)->orderBy('starts_at')->limit(self::MOST)->get();
        $before = $others->where('starts_at', '<=', $now)->orderByDesc('starts_at')->limit(self::MOST)->get();

        return array_values($ahead->reverse()->concat($before)->map(static fn (Booking $one): array => [
            'id' => $one->id,
            'start' => Wall::writeInstant(Instants::minute($one->starts_at)),
            'service' => $one->service_name,
            'state' => $one->state->value,
            'ahead' => $one->starts_at > $now,
        ])->all());
    }
}
