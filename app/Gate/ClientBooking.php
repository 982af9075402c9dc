<?php

declare(strict_types=1);

namespace App\Gate;

use App\Ledger\Processor;
use App\Models\Booking;
use App\Models\Member;
use App\Roster\Mark;
use App\Support\Clock;
use YardBell\Core\Booking\State;

/** A booking as its client may see it. */
final readonly class ClientBooking
{
    public function __construct(private ClientLink $links, private Clock $clock, private Processor $processor)
    {
    }

    /** @return array<string, mixed> */
    public function of(Booking $booking): array
    {
        $business = $booking->business()->firstOrFail();
        $location = $booking->place();
        $now = $this->clock->now();

        return [
            'id' => $booking->id,
            'business' => GatePage::business($business),
            'state' => $booking->state === State::Held && $booking->held_until <= $now ? 'expired' : $booking->state->value,
            'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'),
            'end' => $booking->endsAt()->format('Y-m-d\TH:i\Z'),
            'service' => ['id' => $booking->service_id, 'name' => $booking->service_name, 'minutes' => $booking->minutes],
            'staff' => $booking->staff()->get()->map(static fn (Member $member): array => Mark::of($member))->values()->all(),
            'location' => ['id' => $location->id ?? '', 'name' => $location->name, 'address' => $location->address, 'directions' => $location->directions ?? '', 'phone' => $location->phone ?? '',
                'link' => $location->online && ! in_array($booking->state, [State::Held, State::Cancelled, State::Declined, State::Expired], true) ? $location->meeting_link : ''],
            'lines' => [['label' => $booking->service_name, 'amount' => $booking->price]],
            'total' => $booking->price,
            'currency' => $booking->currency,
            'payment' => $booking->payment,
            'paid' => $this->paid($booking),
            'pay' => $this->payPage($booking),
            'heldUntil' => $booking->state === State::Held ? $booking->held_until?->format('Y-m-d\TH:i:s\Z') : null,
            'heldSeconds' => $booking->state === State::Held ? max(0, (int) $now->diffInSeconds($booking->held_until ?? $now)) : null,
            'client' => $booking->contact === null ? null : ['name' => $booking->contact['name'], 'email' => $booking->contact['email']],
            'note' => $booking->note,
            'party' => $booking->party,
            'mayCancel' => $booking->state->mayBecome(State::Cancelled) && $booking->state !== State::Held && $booking->starts_at > $now,
            'link' => $this->links->to($booking),
            'query' => $this->links->query($booking),
        ];
    }

    /** none, waiting (a payment page is open), paid, refunding or refunded */
    private function paid(Booking $booking): string
    {
        $states = $booking->payments()->pluck('state')->all();
        foreach (['refunded' => 'refunded', 'refunding' => 'refunding', 'paid' => 'paid', 'open' => 'waiting'] as $state => $said) {
            if (in_array($state, $states, true)) {
                return $said;
            }
        }

        return 'none';
    }

    private function payPage(Booking $booking): ?string
    {
        $checkout = $booking->state === State::Held ? $booking->payments()->where('state', 'open')->value('checkout') : null;

        return is_string($checkout) ? $this->processor->page($checkout) : null;
    }
}
