<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Support\Clock;
use App\Support\Instants;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use LogicException;
use YardBell\Core\Booking\State;

/** Moves a booking from state to state, and writes down who did it and when (rules.md, part 5). */
final readonly class History
{
    private const FAR = '9999-12-31 00:00:00';

    private const NEVER = '1000-01-01 00:00:00';

    /** Who has done it where nobody has. */
    public const BY_CLOCK = 'history.by_clock';

    public const BY_CLIENT = 'history.by_client';

    public const BY_IMPORT = 'history.by_import';

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private SeenVersion $seen,
    ) {
    }

    public function begin(Booking $booking, string $by): void
    {
        $this->note($booking, $by, '');
    }

    public function become(
        Booking $booking,
        State $state,
        string $by,
        string $why = '',
        ?CarbonImmutable $at = null,
    ): void {
        if (! $booking->state->mayBecome($state)) {
            throw new LogicException("A booking that is {$booking->state->value} does not become {$state->value}.");
        }
        $booking->held_until = null;
        $this->put(booking: $booking, state: $state, by: $by, why: $why, at: $at);
    }

    /** What it was before it became what it is, where that can be undone. */
    public static function before(Booking $booking): ?State
    {
        $path = [];
        foreach ($booking->changes()->get() as $change) {
            $state = State::tryFrom($change->state);
            if ($state === null) {
                continue;
            }
            $met = array_search($state, $path, true);
            $path = $met === false ? [...$path, $state] : array_slice($path, 0, $met + 1); // back where it was
        }
        $before = array_slice($path, -2, 1)[0] ?? null;

        return $before !== null && $booking->state->mayReturnTo($before) ? $before : null;
    }

    /** What was said of the visit, or its being cancelled, is undone. */
    public function returnTo(Booking $booking, State $state, string $by): void
    {
        if (! $booking->state->mayReturnTo($state)) {
            throw new LogicException("A booking that is {$booking->state->value} was not {$state->value}.");
        }
        $this->put($booking, $state, $by, (new Sentence('history.undone'))->text());
    }

    public function holdUntil(Booking $booking, int $until): void
    {
        $booking->held_until = Instants::carbon($until);
        $booking->save();
        $this->holds($booking);
    }

    /** Keeps beside each person how long this booking counts as theirs (rules.md T16). */
    public function holds(Booking $booking): void
    {
        $until = match (true) {
            $booking->state === State::Held => $booking->held_until?->format('Y-m-d H:i:s') ?? self::NEVER,
            $booking->state->holdsTime(null, 0) => self::FAR,
            default => self::NEVER,
        };
        $this->db
            ->table('booking_staff')
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->update(['holds_until' => $until]);
    }

    /** It stays what it is, but something of it is different. */
    public function changed(Booking $booking, string $by, string $why): void
    {
        $this->note($booking, $by, $why);
    }

    private function put(
        Booking $booking,
        State $state,
        string $by,
        string $why,
        ?CarbonImmutable $at = null,
    ): void {
        $booking->state = $state;
        $booking->save();
        $this->holds($booking);
        $this->note($booking, $by, $why, $at);
    }

    private function note(Booking $booking, string $by, string $why, ?CarbonImmutable $at = null): void
    {
        $this->seen->check($booking);
        $change = BookingChange::query()->create([
            'business_id' => $booking->business_id,
            'booking_id' => $booking->id,
            'state' => $booking->state->value,
            'by' => $by,
            'why' => $why,
            'at' => $at ?? $this->clock->now(),
        ]);
        $this->seen->wrote($change);
    }
}
