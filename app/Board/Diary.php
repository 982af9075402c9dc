<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Session;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Time\Timeline;

/** What the Board reads of a business's bookings and sessions: a fixed number of queries. */
final readonly class Diary
{
    private const MOST_REQUESTS = 20;

    public function __construct(private Clock $clock)
    {
    }

    /** @return Collection<int, Booking> what takes some of this time, in order of their starts */
    public function bookings(Business $business, Timeline $span): Collection
    {
        return self::within(Booking::query(), $business, $span)
            ->whereNotIn('state', ['cancelled', 'declined', 'expired'])
            ->where(
                fn (Builder $query) => $query
                    ->where('state', '!=', 'held')
                    ->orWhere('held_until', '>', $this->clock->now()),
            )
            ->with(['staff:id,name', 'payments', 'entries'])
            ->orderBy('starts_at')
            ->get();
    }

    /** @return Collection<int, Session> */
    public function sessions(Business $business, Timeline $span): Collection
    {
        return self::within(Session::query(), $business, $span)
            ->where('state', 'scheduled')
            ->with('service:id,name')
            ->orderBy('starts_at')
            ->get();
    }

    /** @return Collection<int, Booking> of any day that wait for a yes, the oldest first */
    public function requests(Business $business): Collection
    {
        return Booking::query()
            ->where('business_id', $business->id)
            ->where('state', 'pending')
            ->where('starts_at', '>', $this->clock->now())
            ->orderBy('created_at')
            ->limit(self::MOST_REQUESTS)
            ->get();
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>  $query
     * @return Builder<M>
     */
    private static function within(Builder $query, Business $business, Timeline $span): Builder
    {
        $edges = array_merge([], ...$span->stretches()) ?: [0, 0];

        return $query
            ->where('business_id', $business->id)
            ->where('taken_from', '<', Instants::toDatabase(max($edges)))
            ->where('taken_from', '>=', Instants::toDatabase(min($edges) - $business->longest_taken))
            ->where('taken_until', '>', Instants::toDatabase(min($edges)));
    }
}
