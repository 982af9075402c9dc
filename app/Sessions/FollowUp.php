<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Messages\Telling;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Session;
use App\Support\Refusal;
use Throwable;

/**
 * What becoming of a session means for those who booked, each booking by itself: where it is cancelled they are
 * cancelled, too, with all that was paid on its way back; where it is changed they learn when and where it is now. A
 * round that is killed on its way is taken up again by the next one, and does nothing twice: what is done already is
 * looked for no more.
 */
final readonly class FollowUp
{
    /** Bookings a round, so that whatever else there is to do comes round, too. */
    private const MOST = 40;

    public function __construct(
        private CurrentBusiness $current,
        private CancelBooking $cancel,
        private FollowSession $follow,
    ) {
    }

    /**
     * @return int how many were dealt with: where there are any, there may be more
     *
     * @throws Throwable what went wrong with one of them, once all others are dealt with
     */
    public function __invoke(): int
    {
        $sessions = $this->current->across(
            static fn () => Session::query()->where('follows', 1)->orderBy('id')->limit(self::MOST)->get(),
        );
        [$done, $failed] = [0, null];
        foreach ($sessions as $session) {
            foreach ($this->current->of($session->business_id, static fn (): array => self::left($session)) as $id) {
                if ($done >= self::MOST) {
                    return $done;
                }
                try {
                    $this->current->of($session->business_id, fn () => $this->one($session, $id));
                    $done++;
                } catch (Throwable $wrong) {
                    $failed = $wrong;
                }
            }
            $this->current->of($session->business_id, fn () => $this->finish($session));
        }

        return $failed === null ? $done : throw $failed;
    }

    private function one(Session $session, string $id): void
    {
        $how = $session->follow_up;
        if ($how === null) {
            return;
        }
        $whom = $how['told'] ? Telling::ClientAlone : Telling::Nobody;
        if ($session->state !== 'cancelled') {
            ($this->follow)($session, $id, $whom);

            return;
        }
        try {
            $cancelling = new Cancelling($how['by'], why: $how['why'], whom: $whom);
            ($this->cancel)($session->business_id, $id, $cancelling);
        } catch (Refusal) {
            // somebody has said meanwhile that they were there, or were not: it stays as it is
        }
    }

    /** Once none is left, also of a change that was made meanwhile. */
    private function finish(Session $session): void
    {
        $now = $session->fresh();
        if ($now !== null && self::left($now) === []) {
            Session::query()
                ->where('business_id', $session->business_id)
                ->whereKey($session->id)
                ->where('lock_version', $now->lock_version)
                ->update(['follow_up' => null]);
        }
    }

    /** @return list<string> ids of the bookings that it has not come to yet */
    public static function left(Session $session): array
    {
        if ($session->state !== 'cancelled') {
            return array_map(strval(...), array_keys($session->follow_up['was'] ?? []));
        }
        $ids = Booking::query()
            ->where('business_id', $session->business_id)
            ->where('session_id', $session->id)
            ->whereIn('state', CancelSessions::states())
            ->orderBy('id')
            ->pluck('id')
            ->all();

        return array_values(array_filter($ids, is_string(...)));
    }
}
