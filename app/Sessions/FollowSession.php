<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Bookings\History;
use App\Bookings\PlanReminders;
use App\Bookings\WriteBooking;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Messages\UnsentMail;
use App\Models\Booking;
use App\Models\Lock;
use App\Models\Session;
use Illuminate\Database\ConnectionInterface;

/** A booking learns when, where and by whom its session is held now. Number, price and history stay. */
final readonly class FollowSession
{
    public function __construct(
        private ConnectionInterface $db,
        private WriteBooking $write,
        private History $history,
        private Announcements $announcements,
        private PlanReminders $reminders,
    ) {
    }

    /** Once: of a booking that it has come to already, or that is in another session by now, nothing is done. */
    public function __invoke(Session $session, string $id, Telling $whom): void
    {
        $this->db->transaction(function () use ($session, $id, $whom): void {
            $now = Lock::on(
                Session::query()->where('business_id', $session->business_id)->whereKey($session->id),
            )->firstOrFail();
            $how = $now->follow_up;
            $was = $how['was'][$id] ?? null;
            if ($how === null || $was === null) {
                return;
            }
            unset($how['was'][$id]);
            $now->update(['follow_up' => $how]);
            $booking = Lock::on(
                Booking::query()->where('business_id', $session->business_id)->whereKey($id),
            )->first();
            if ($booking !== null && $booking->session_id === $now->id && ! $booking->state->isOver()) {
                $this->one(booking: $booking, session: $now, was: $was, by: $how['by'], whom: $whom);
            }
        }, attempts: 5);
    }

    private function one(Booking $booking, Session $session, string $was, string $by, Telling $whom): void
    {
        $booking->calendar_sequence++;
        $booking->save();
        $this->write->again($booking, $session->staff_ids);
        $this->history->holds($booking);
        $start = explode(' ', $was)[0];
        if ($start !== $booking->starts_at->format('Y-m-d\TH:i\Z')) {
            $this->history->changed($booking, $by, (new Sentence('history.moved', ['from' => $start]))->text());
        }
        if ($whom === Telling::Nobody && ! UnsentMail::isToClient([$booking])) {
            UnsentMail::drop($booking);
        } else {
            $this->announcements->moved([$booking], [$booking->id => $was], Telling::ClientAlone);
        }
        $this->reminders->plan($booking);
    }
}
