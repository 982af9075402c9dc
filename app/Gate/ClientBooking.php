<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\ConfirmBooking;
use App\Bookings\Tariffs;
use App\Ledger\Balance;
use App\Ledger\CancellationCost;
use App\Ledger\Processor;
use App\Ledger\Told;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Member;
use App\Models\Payment;
use App\Roster\Mark;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/** A booking as its client may see it. */
final readonly class ClientBooking
{
    public function __construct(private ClientLink $links, private Clock $clock, private Processor $processor, private CancellationCost $cost, private Told $told)
    {
    }

    /** @return array<string, mixed> */
    public function of(Booking $booking): array
    {
        $business = $booking->business()->firstOrFail();
        $location = $booking->place();
        $now = $this->clock->now();
        $balance = Balance::of($booking->load('payments'));

        return [
            'id' => $booking->id,
            'business' => GatePage::business($business),
            'state' => $booking->state === State::Held && ($booking->held_until === null || $booking->held_until <= $now) ? 'expired' : $booking->state->value,
            'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'),
            'end' => $booking->endsAt()->format('Y-m-d\TH:i\Z'),
            'service' => ['id' => $booking->service_id, 'name' => $booking->service_name, 'minutes' => $booking->minutes],
            'staff' => $booking->staff()->get()->map(static fn (Member $member): array => Mark::of($member))->values()->all(),
            'location' => ['id' => $location->id ?? '', 'name' => $location->name, 'address' => $location->address, 'directions' => $location->directions ?? '', 'phone' => $location->phone ?? '',
                'link' => $location->online && ! in_array($booking->state, [State::Held, State::Cancelled, State::Declined, State::Expired], true) ? $location->meeting_link : ''],
            'lines' => $booking->lines,
            'total' => $booking->price,
            'currency' => $booking->currency,
            'payment' => $booking->payment,
            'paid' => $this->paid($booking, $balance),
            'amounts' => ['paid' => $balance->kept(), 'due' => $balance->due, 'dueNow' => $booking->due_now, 'fee' => $booking->fee],
            'told' => $this->told->of($booking, toClient: true),
            'word' => $this->word($booking),
            'approval' => $booking->state === State::Held && ConfirmBooking::mustBeApproved($booking),
            'terms' => self::terms($booking),
            'cancelCosts' => $this->cost->of($booking),
            'pay' => $this->payPage($booking),
            'payTrouble' => $booking->state === State::Held && $booking->payments->contains(static fn (Payment $payment): bool => $payment->state === 'open' && $payment->checkout === null && $payment->asks > 1),
            'heldUntil' => $booking->state === State::Held ? $booking->held_until?->format('Y-m-d\TH:i:s\Z') : null,
            'heldSeconds' => $booking->state === State::Held ? max(0, (int) $now->diffInSeconds($booking->held_until ?? $now)) : null,
            'client' => $booking->contact === null ? null : ['name' => $booking->contact['name'], 'email' => $booking->contact['email']],
            'note' => $booking->note,
            'awaitsProof' => $booking->awaits_proof,
            'party' => $booking->party,
            'mayCancel' => $booking->state->mayBecome(State::Cancelled) && $booking->state !== State::Held && $booking->starts_at > $now,
            'link' => $this->links->to($booking),
            'query' => $this->links->query($booking),
        ];
    }

    /** none, waiting (a payment page is open), kept (a card), part, paid, charging, refunding or refunded */
    private function paid(Booking $booking, Balance $balance): string
    {
        return match (true) {
            in_array($balance->state, ['part', 'charging', 'refunding', 'refunded'], true) => $balance->state,
            $balance->kept() > 0 => 'paid',
            CancellationCost::keptCard($booking) !== null => 'kept',
            $booking->state === State::Held && $booking->payments->contains('state', 'open') => 'waiting',
            default => 'none',
        };
    }

    /** @return array{freeUntil: string, amount: int|null, percent: string|null}|null what was agreed on cancelling; null: it is always free */
    private static function terms(Booking $booking): ?array
    {
        return $booking->cancellation === null ? null : [
            'freeUntil' => Wall::writeInstant(Tariffs::cancellation($booking->cancellation)->freeUntil(Instants::minute($booking->starts_at))),
            'amount' => $booking->cancellation['amount'], 'percent' => $booking->cancellation['percent'],
        ];
    }

    /** What the business wrote with its yes or no, or when it cancelled; empty for a client's own doing. */
    private function word(Booking $booking): string
    {
        $said = [State::Confirmed, State::Declined, State::Cancelled];
        $last = BookingChange::query()->where('business_id', $booking->business_id)->where('booking_id', $booking->id)->where('state', $booking->state->value)->orderByDesc('id')->first();

        return in_array($booking->state, $said, true) && $last !== null && ! in_array($last->by, ['client', 'the clock'], true) && ! str_starts_with($last->why, 'moved from ') ? $last->why : '';
    }

    private function payPage(Booking $booking): ?string
    {
        $checkout = $booking->state === State::Held ? $booking->payments()->where('state', 'open')->value('checkout') : null;

        return is_string($checkout) ? $this->processor->page($checkout) : null;
    }
}
