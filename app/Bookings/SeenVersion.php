<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Support\Refusal;
use Closure;
use Illuminate\Http\Request;
use YardBell\Core\Booking\State;

/**
 * What somebody saw of a booking when they acted: every act writes a line of its history, so its latest line is its
 * version. An act on a booking that somebody else has changed since is refused with what happened, once it is locked.
 */
final readonly class SeenVersion
{
    /** @param  Closure(): Request  $request what is asked just now; a worker's has no address */
    public function __construct(private Closure $request)
    {
    }

    public static function now(Booking $booking): string
    {
        return (string) (self::latest($booking)->id ?? 0);
    }

    /** @throws Refusal where it is not the one that was seen */
    public function check(Booking $booking): void
    {
        $request = ($this->request)();
        $seen = $request->route('id') === $booking->id ? self::said($request) : null;
        $latest = $seen === null ? null : self::latest($booking);
        if ($latest !== null && $latest->id !== $seen && ! in_array($latest->id, self::own($request), true)) {
            throw self::meanwhile($latest);
        }
    }

    /** What the act itself has written is no change of somebody else's. */
    public function wrote(BookingChange $change): void
    {
        $request = ($this->request)();
        $request->attributes->set(self::class, [...self::own($request), $change->id]);
    }

    /** By the header If-Match, of the booking that the address names; null: nothing is said. */
    private static function said(Request $request): ?int
    {
        $version = $request->header('If-Match');

        $isOne = is_string($version) && preg_match('/^"?(\d{1,18})"?\z/', $version, $found) === 1;

        return $isOne ? (int) $found[1] : null;
    }

    /** @return list<int> lines of histories that this request has written */
    private static function own(Request $request): array
    {
        $own = $request->attributes->get(self::class);

        return is_array($own) ? array_values(array_filter($own, is_int(...))) : [];
    }

    /** Where the booking was seen at another time than it is at by now. */
    public static function moved(Booking $booking): Refusal
    {
        return self::meanwhile(self::latest($booking));
    }

    private static function meanwhile(?BookingChange $latest): Refusal
    {
        $state = State::tryFrom($latest->state ?? '');
        $why = Sentence::read($latest->why ?? '');

        return new Refusal(
            new Sentence('refusal.booking.meanwhile', [
                'who' => Sentence::read($latest->by ?? '') ?? $latest->by ?? '',
                'what' => $why ?? new Sentence('refusal.state', ['state' => $state->value ?? '']),
            ]),
            409,
            'meanwhile',
        );
    }

    private static function latest(Booking $booking): ?BookingChange
    {
        return BookingChange::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->latest('id')
            ->first();
    }
}
