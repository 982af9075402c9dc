<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Lock;
use App\Payments\GivingUp;
use App\Payments\MoneyEffect;
use App\Payments\ReinstateSale;
use App\Support\Clock;
use App\Support\DryRun;
use App\Support\Instants;
use App\Support\Refusal;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** The course of a visit on its day: they are here, it has started, it is done; and each of these undone. */
final readonly class RecordProgress
{
    private const STEPS = [State::Arrived, State::Started, State::Completed];

    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private ReinstateSale $take,
        private DryRun $tried,
        private Clock $clock,
    ) {
    }

    /** @return list<State> what it may be said to be now: on its date and after it */
    public function steps(Booking $booking): array
    {
        $zone = $booking->business->zone();
        if ($zone->day(Instants::minute($booking->starts_at)) > $zone->day($this->clock->minute())) {
            return [];
        }

        return array_values(array_filter(self::STEPS, $booking->state->mayBecome(...)));
    }

    /** @param  CarbonImmutable|null  $at when it was said; null: now */
    public function __invoke(Booking $of, State $state, string $by, ?CarbonImmutable $at = null): Booking
    {
        return $this->locked($of, function (Booking $booking) use ($state, $by, $at): void {
            if ($booking->state === $state) {
                return; // pressed twice
            }
            if (! in_array($state, $this->steps($booking), true)) {
                throw self::tooLate($booking);
            }
            $this->history->become($booking, $state, $by, at: $at);
        });
    }

    /**
     * When it began and ended, as far as that was said, and how much longer than planned that is.
     *
     * @return array{from: string|null, until: string|null, over: int|null} instants; minutes, fewer than none: shorter
     */
    public static function course(Booking $booking): array
    {
        $at = [];
        foreach ($booking->changes()->get() as $change) {
            $at[$change->state] = $change->at;
        }
        $isOn = in_array($booking->state, [State::Started, State::Completed], true);
        $from = $isOn ? $at['started'] ?? null : null;
        $until = $booking->state === State::Completed ? $at['completed'] ?? null : null;

        return [
            'from' => $from?->format('Y-m-d\TH:i\Z'),
            'until' => $until?->format('Y-m-d\TH:i\Z'),
            'over' => $from === null || $until === null
                ? null
                : Instants::minute($until) - Instants::minute($from) - $booking->minutes,
        ];
    }

    /**
     * @param  State  $state what is undone: nothing else, where it is something else by now
     *
     * @throws Refusal where it cannot be, or would do something else to the money than was shown
     */
    public function undo(Booking $of, State $state, Restoring $how): Booking
    {
        return $this->locked($of, fn (Booking $booking) => $this->undone($booking, $state, $how)->mustBe($how->seen));
    }

    /** What undoing it would do to the money; nothing is done. */
    public function undoTried(Booking $of, State $state, Restoring $how): MoneyEffect
    {
        return $this->tried->of(function () use ($of, $state, $how): MoneyEffect {
            return $this->undone(Lock::on(Booking::query()->whereKey($of->id))->firstOrFail(), $state, $how);
        });
    }

    private function undone(Booking $booking, State $state, Restoring $how): MoneyEffect
    {
        $before = $state === State::Cancelled ? null : History::before($booking);
        if ($booking->state !== $state || $before === null) {
            throw self::tooLate($booking);
        }

        return MoneyEffect::of([$booking], GivingUp::TakenBack, function () use ($booking, $before, $how): void {
            $wasMissed = $booking->state === State::NoShow;
            $this->history->returnTo($booking, $before, $how->by);
            if ($wasMissed) {
                UnsentMail::drop($booking);
                ($this->take)($booking, $how->by, $how->refundsCharge);
            }
        });
    }

    /** @param  callable(Booking): void  $act */
    private function locked(Booking $of, callable $act): Booking
    {
        return $this->db->transaction(function () use ($of, $act): Booking {
            $booking = Lock::on(Booking::query()->whereKey($of->id))->firstOrFail();
            $act($booking);

            return $booking;
        }, attempts: 5);
    }

    private static function tooLate(Booking $booking): Refusal
    {
        $state = new Sentence('refusal.state', ['state' => $booking->state->value]);

        return new Refusal(new Sentence('refusal.booking.not_recorded', ['state' => $state]), 409, 'too_late');
    }
}
