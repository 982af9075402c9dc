<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Answer;
use App\Models\Booking;
use App\Models\Occasion;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;

/** What a client has told with a booking is changed by them until it begins: the note, and what was asked. */
final readonly class ChangeDetails
{
    public function __construct(
        private ConnectionInterface $db,
        private ClientChanges $changes,
        private History $history,
        private Announcements $announcements,
    ) {
    }

    /**
     * @param  array<string, list<Answer>>  $answers by booking
     *
     * @throws Refusal
     */
    public function __invoke(int $business, string $id, string $note, array $answers): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $note, $answers): Booking {
            $changed = [];
            foreach (VisitParts::locked($business, $id) as $part) {
                $now = ['note' => $note, 'answers' => $answers[$part->id] ?? $part->answers];
                $was = ['note' => $part->note, 'answers' => $part->answers];
                if ($this->changes->mayChange($part) && $now != $was) {
                    $part->update([...$now, 'calendar_sequence' => $part->calendar_sequence + 1]);
                    $this->history->changed($part, History::BY_CLIENT, (new Sentence('history.details'))->text());
                    $changed[] = $part;
                }
            }
            $booking = Booking::query()->where('business_id', $business)->findOrFail($id);
            if ($changed === []) {
                $this->changes->check($booking);

                return $booking; // nothing is different
            }
            $this->announcements->ofAll($changed, Occasion::Changed);

            return $booking;
        }, attempts: 5);
    }
}
