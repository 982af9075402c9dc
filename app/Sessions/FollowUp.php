<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Session;
use App\Support\Refusal;

/**
 * What cancelling a session means for those who booked: each booking is cancelled by itself, all that was paid goes
 * back, its client is told. One that is killed on the way is taken up again by the next round, and does nothing twice:
 * what is cancelled already is looked for no more.
 */
final readonly class FollowUp
{
    /** Bookings a round, so that whatever else there is to do comes round, too. */
    private const MOST = 40;

    public function __construct(private CurrentBusiness $current, private CancelBooking $cancel)
    {
    }

    /** @return int how many were dealt with: where there are any, there may be more */
    public function __invoke(): int
    {
        $sessions = $this->current->across(
            static fn () => Session::query()->where('follows', 1)->orderBy('business_id')->limit(self::MOST)->get(),
        );
        $done = 0;
        foreach ($sessions as $session) {
            if ($done >= self::MOST) {
                break;
            }
            $left = self::MOST - $done;
            $done += $this->current->of($session->business_id, fn (): int => $this->oneSession($session, $left));
        }

        return $done;
    }

    private function oneSession(Session $session, int $most): int
    {
        $how = $session->follow_up;
        if ($how === null) {
            return 0;
        }
        $ids = Booking::query()
            ->where('business_id', $session->business_id)
            ->where('session_id', $session->id)
            ->whereIn('state', CancelSessions::states())
            ->orderBy('id')
            ->limit($most)
            ->pluck('id')
            ->all();
        foreach (array_filter($ids, is_string(...)) as $id) {
            try {
                ($this->cancel)($session->business_id, $id, new Cancelling(
                    by: $how['by'],
                    why: $how['why'],
                    told: $how['told'],
                ));
            } catch (Refusal) {
                // somebody has said meanwhile that they were there, or were not: it stays as it is
            }
        }
        if (count($ids) < $most) {
            $session->update(['follow_up' => null]);
        }

        return max(1, count($ids));
    }
}
