<?php

declare(strict_types=1);

namespace App\Board;

use App\Bookings\History;
use App\Bookings\LowerEarlier;
use App\Bookings\MayRestore;
use App\Bookings\MissBooking;
use App\Bookings\MoveBooking;
use App\Bookings\RecordProgress;
use App\Bookings\Repeated;
use App\Bookings\SeenVersion;
use App\Facts\BookingFacts;
use App\Facts\MoneyWords;
use App\Facts\VisitParts;
use App\Language\Catalogue;
use App\Models\Answer;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\ChannelName;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Service;
use App\Models\VisitNote;
use App\Payments\CancellationCost;
use App\Support\Clock;
use YardBell\Core\Booking\State;

/** Everything about one booking that the workspace shows. */
final readonly class BookingCard
{
    public function __construct(
        private MoneyWords $told,
        private Catalogue $catalogue,
        private Clock $clock,
        private RecordProgress $progress,
        private MayRestore $mayRestore,
        private LowerEarlier $lower,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Booking $booking): array
    {
        $facts = BookingFacts::of($booking);
        $refund = OutboxEntry::query()
            ->where('booking_id', $booking->id)
            ->whereIn('channel', [ChannelName::Refund, ChannelName::Charge])
            ->orderByDesc('id')
            ->first();
        $balance = $facts->balance;

        return [
            'id' => $booking->id,
            'version' => SeenVersion::now($booking),
            'sale' => $booking->sale_id,
            'state' => $booking->state->value,
            'consent' => $booking->consent,
            'answers' => array_map(static fn (Answer $answer): array => $answer->told(), $booking->answers),
            'lowersEarlier' => $this->lower->onceBooked(array_filter(
                VisitParts::of($booking) ?: [$booking],
                static fn (Booking $part): bool => $part->state === State::Pending,
            )),
            'suggested' => array_column($booking->suggested, 'start'),
            'notes' => $this->notes($booking),
            'serviceId' => $booking->service_id,
            'clientId' => $booking->client_id,
            'answerBy' => $facts->answerBy?->format('Y-m-d\TH:i\Z'),
            'start' => $facts->start->format('Y-m-d\TH:i\Z'),
            'end' => $facts->end->format('Y-m-d\TH:i\Z'),
            'setup' => $booking->setup,
            'clearup' => $booking->clearup,
            'service' => $booking->service_name,
            'staff' => $facts->badges(),
            'location' => $facts->location->name,
            'address' => $facts->location->address,
            'meetingLink' => $facts->isOver() ? '' : $facts->meetingLink(),
            'course' => RecordProgress::course($booking),
            'client' => $booking->contact,
            'note' => $booking->note,
            'serviceNote' => Service::query()->find($booking->service_id)->staff_note ?? '',
            'minutes' => $booking->minutes,
            'party' => $booking->party,
            'lines' => $booking->lines,
            'total' => $booking->price,
            'currency' => $booking->currency,
            'money' => $balance->state,
            'told' => $this->told->of($booking, toClient: false),
            'paid' => $balance->kept(),
            'due' => $balance->due,
            'fee' => $booking->fee,
            'cardKept' => CancellationCost::keptCard($booking) !== null,
            'terms' => $booking->cancellation,
            'payments' => $booking->payments
                ->map(
                    static fn (Payment $payment): array => [
                        'kind' => $payment->kind->value,
                        'amount' => $payment->amount,
                        'returned' => $payment->amount - $payment->refundable(),
                        'state' => $payment->state->value,
                    ],
                )
                ->values()
                ->all(),
            'moneyTrouble' => $refund !== null && $refund->error !== '' ? $this->told($refund->error) : null,
            'messages' => $booking
                ->messages()
                ->get()
                ->map(
                    fn (OutboxEntry $entry): array => [
                        'id' => $entry->id,
                        'occasion' => $entry->occasion->value,
                        'audience' => $entry->audience->value,
                        'recipient' => $entry->recipient,
                        'state' => $entry->state->value,
                        'at' => ($entry->sent_at ?? $entry->due_at)->format('Y-m-d\TH:i\Z'),
                        'error' => $this->told($entry->error),
                    ],
                )
                ->values()
                ->all(),
            'history' => $booking
                ->changes()
                ->get()
                ->map(
                    fn (BookingChange $change): array => [
                        'state' => $change->state,
                        'by' => $this->told($change->by),
                        'why' => $this->told($change->why),
                        'at' => $change->at->format('Y-m-d\TH:i\Z'),
                    ],
                )
                ->values()
                ->all(),
            'steps' => array_map(static fn (State $state): string => $state->value, $this->progress->steps($booking)),
            'undoes' => $booking->state === State::Cancelled || History::before($booking) === null
                ? null
                : $booking->state->value,
            'mayRestore' => $this->mayRestore->of($booking),
            'cancelledTogether' => count($this->mayRestore->together($booking)),
            'mayMiss' => MissBooking::may($booking, $this->clock),
            'mayCancel' => $booking->state->mayBecome(State::Cancelled),
            'mayMove' => MoveBooking::may($booking),
            'outside' => array_column($booking->outside, 'says'),
            'double' => $booking->double_booked,
            'laterOnes' => count(Repeated::after($booking)),
            'visit' => array_map(self::part(...), VisitParts::of($booking)),
            'repeat' => array_map(self::part(...), Repeated::all($booking)),
        ];
    }

    /** @return array{id: string, service: string, start: string, state: string} */
    private static function part(Booking $booking): array
    {
        return [
            'id' => $booking->id,
            'service' => $booking->service_name,
            'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'),
            'state' => $booking->state->value,
        ];
    }

    /** @return list<array{text: string, by: string, at: string}> of staff, the latest first */
    private function notes(Booking $booking): array
    {
        return array_values(
            VisitNote::query()
                ->where('business_id', $booking->business_id)
                ->where('booking_id', $booking->id)
                ->orderByDesc('at')
                ->orderByDesc('id')
                ->get()
                ->map(static fn (VisitNote $note): array => [
                    'text' => $note->text,
                    'by' => $note->by,
                    'at' => $note->at->format('Y-m-d\TH:i\Z'),
                ])
                ->all(),
        );
    }

    /** What we have noted is said in the reader's language; what somebody typed stays as it was typed. */
    private function told(string $noted): string
    {
        return str_starts_with($noted, 'history.') ? $this->catalogue->text($noted) : $noted;
    }
}
