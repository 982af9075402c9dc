<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Booking;
use App\Support\Instants;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Connection;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Timeline;

/**
 * Says when time comes free, wherever that happens: of each booking that is written it is looked what it took before
 * and what it takes now. Called by the model's event (Providers\AppServiceProvider), and for holds whose time somebody
 * else takes (Claims).
 */
final readonly class TellTimeOpened
{
    private const TAKERS = ['staff_ids', 'units'];

    public function __construct(private Connection $db, private Dispatcher $events)
    {
    }

    /** While its model still knows what it was before. */
    public function handle(Booking $booking): void
    {
        [$before, $now] = [self::taken($booking->getOriginal(...)), self::taken($booking->getAttribute(...))];
        foreach ($before as $taker => [$stretch, $places]) {
            [$still, $left] = $now[$taker] ?? [Timeline::none(), 0];
            $opened = $left < $places ? $stretch : $stretch->subtract($still);
            foreach ($opened->stretches() as [$from, $until]) {
                $this->opened(new TimeOpened($booking->business_id, (string) $taker, $from, $until));
            }
        }
    }

    /** Once it is committed; never, where it is rolled back. */
    public function opened(TimeOpened $what): void
    {
        $this->db->afterCommit(fn () => $this->events->dispatch($what));
    }

    /**
     * What it takes of people and units, or of a session, and how many places there.
     *
     * @param  callable(string): mixed  $of its attributes
     * @return array<string, array{Timeline, int}> by taker
     */
    private static function taken(callable $of): array
    {
        [$state, $from, $until] = [$of('state'), $of('taken_from'), $of('taken_until')];
        // of a hold that has run out it is told when somebody finds that out, not at its last minute
        $holds = $state === State::Held
            ? $of('held_until') !== null
            : $state instanceof State && $state->holdsTime(null, 0);
        if (! $holds || ! $from instanceof CarbonImmutable || ! $until instanceof CarbonImmutable) {
            return [];
        }
        $stretch = Timeline::between(Instants::minute($from), Instants::minute($until));
        $session = $of('session_id');
        if (is_string($session)) {
            return [$session => [$stretch, is_int($of('party')) ? $of('party') : 0]];
        }
        $taken = [];
        foreach (self::TAKERS as $list) {
            foreach (is_array($of($list)) ? $of($list) : [] as $taker) {
                $taken[is_string($taker) ? $taker : ''] = [$stretch, 0];
            }
        }

        return $taken;
    }
}
