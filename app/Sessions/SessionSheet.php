<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Board\BoardBooking;
use App\Board\BoardBookings;
use App\Board\Scheduled;
use App\Bookings\RecordProgress;
use App\Facts\Badge;
use App\Language\Catalogue;
use App\Models\Answer;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Models\Session;
use App\Models\SessionChange;
use App\Models\VisitNote;
use App\Support\Instants;
use Illuminate\Support\Collection;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Timeline;

/** All about one session: when, where, who holds it, who comes, and what happened to it. */
final readonly class SessionSheet
{
    public function __construct(
        private BoardBookings $bookings,
        private SessionList $list,
        private Catalogue $catalogue,
        private RecordProgress $progress,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Session $session): array
    {
        $coming = $this->coming($business, $session);
        $booked = Booking::query()
            ->where('business_id', $business->id)
            ->whereIn('id', array_column($coming, 'id'))
            ->get()
            ->keyBy('id');
        $notes = VisitNote::query()
            ->where('business_id', $business->id)
            ->whereIn('booking_id', array_column($coming, 'id'))
            ->orderBy('id')
            ->get()
            ->groupBy('booking_id');
        $start = Instants::minute($session->starts_at);

        return [
            'id' => $session->id,
            'version' => SessionHistory::version($session),
            'service' => $session->service_id,
            'name' => $session->service->name ?? '',
            'start' => $session->starts_at->format('Y-m-d\TH:i\Z'),
            'end' => $session->endsAt()->format('Y-m-d\TH:i\Z'),
            'state' => $session->state,
            'places' => $session->places,
            'taken' => array_sum(array_map(static fn (BoardBooking $one): int => $one->party, $coming)),
            'staff' => array_values(
                Member::query()
                    ->where('business_id', $business->id)
                    ->whereIn('id', $session->staff_ids)
                    ->orderBy('position')
                    ->get()
                    ->map(static fn (Member $member): array => Badge::of($member))
                    ->all(),
            ),
            'locationId' => $session->location_id,
            'location' => Location::query()
                ->where('business_id', $business->id)
                ->whereKey($session->location_id)
                ->value('name') ?? '',
            'currency' => $business->currency,
            'due' => array_sum(array_map(static fn (BoardBooking $one): int => $one->balance->due, $coming)),
            'people' => array_map(
                fn (BoardBooking $one): array => $this->person(
                    $one,
                    $booked[$one->id] ?? null,
                    $notes->get($one->id) ?? new Collection(),
                ),
                $coming,
            ),
            'leftToTell' => $session->follow_up === null ? 0 : count(FollowUp::left($session)),
            'series' => $session->series_id === null
                ? []
                : $this->list->of($business, static fn ($query) => $query->where('series_id', $session->series_id)),
            'later' => $session->series_id === null
                ? 0
                : Session::query()
                    ->where('business_id', $business->id)
                    ->where('series_id', $session->series_id)
                    ->where('state', 'scheduled')
                    ->where('starts_at', '>', Instants::carbon($start))
                    ->count(),
            'history' => array_values(
                SessionChange::query()
                    ->where('business_id', $business->id)
                    ->where('session_id', $session->id)
                    ->orderBy('id')
                    ->get()
                    ->map(fn (SessionChange $change): array => [
                        'by' => $change->by,
                        'what' => $this->catalogue->text($change->what),
                        'at' => $change->at->format('Y-m-d\TH:i\Z'),
                    ])
                    ->all(),
            ),
        ];
    }

    /** @return list<BoardBooking> in the order in which they booked */
    private function coming(Business $business, Session $session): array
    {
        $start = Instants::minute($session->starts_at);
        $of = new Scheduled(
            id: $session->id,
            serviceId: $session->service_id,
            service: $session->service->name ?? '',
            location: $session->location_id,
            start: $start,
            minutes: $session->minutes,
            takenFrom: Instants::minute($session->taken_from),
            takenUntil: Instants::minute($session->taken_until),
            staff: $session->staff_ids,
            units: $session->units,
            places: $session->places,
        );
        $around = Timeline::between($start, $start + $session->minutes);

        return array_values(
            array_filter(
                $this->bookings->visits($business, $around, [$of]),
                static fn (BoardBooking $one): bool => $one->session === $session->id,
            ),
        );
    }

    /**
     * @param  Collection<int, VisitNote>  $notes
     * @return array<string, mixed>
     */
    private function person(BoardBooking $one, ?Booking $booked, Collection $notes): array
    {
        return [
            'booking' => $one->id,
            'client' => $booked?->contact,
            'party' => $one->party,
            'state' => $one->state->value,
            'mayArrive' => $booked !== null && in_array(State::Arrived, $this->progress->steps($booked), true),
            'first' => $one->isFirst,
            'money' => $one->balance->state,
            'paid' => $one->balance->kept(),
            'due' => $one->balance->due,
            'sale' => $booked?->sale_id,
            'note' => $booked->note ?? '',
            'answers' => array_map(static fn (Answer $answer): array => $answer->told(), $booked->answers ?? []),
            'notes' => array_values($notes->map(static fn (VisitNote $note): string => $note->text)->all()),
        ];
    }
}
