<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Session;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Booking\State;

/** Sessions with how many of their places are taken, as the Gate counts: by holds, too, that have not run out. */
final readonly class SessionList
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  callable(Builder<Session>): Builder<Session>  $which
     * @return list<array{id: string, start: string, end: string, state: string, places: int, taken: int}> by start
     */
    public function of(Business $business, callable $which): array
    {
        $sessions = $which(Session::query()->where('business_id', $business->id))
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();
        $taken = Booking::query()
            ->where('business_id', $business->id)
            ->whereIn('session_id', $sessions->modelKeys())
            ->whereNotIn('state', State::OVER)
            ->where(fn (Builder $query) => $query
                ->where('state', '!=', State::Held)
                ->orWhere('held_until', '>', $this->clock->now()))
            ->groupBy('session_id')
            ->selectRaw('session_id, cast(sum(party) as int) as taken')
            ->pluck('taken', 'session_id');

        return array_values(
            $sessions
                ->map(static fn (Session $session): array => [
                    'id' => $session->id,
                    'start' => $session->starts_at->format('Y-m-d\TH:i\Z'),
                    'end' => $session->endsAt()->format('Y-m-d\TH:i\Z'),
                    'state' => $session->state,
                    'places' => $session->places,
                    'taken' => is_int($count = $taken[$session->id] ?? 0) ? $count : 0,
                ])
                ->all(),
        );
    }
}
