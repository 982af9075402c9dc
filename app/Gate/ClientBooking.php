<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\BookHeld;
use App\Bookings\ClientChanges;
use App\Bookings\History;
use App\Facts\Badge;
use App\Facts\BookAgainLink;
use App\Facts\BookingFacts;
use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Models\AskedToPay;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Member;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Service;
use App\Payments\CancellationCost;
use App\Prices\Contents\CancellationContent;
use App\Sales\Balance;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/** A booking as its client may see it. */
final readonly class ClientBooking
{
    public function __construct(
        private ClientLink $links,
        private Clock $clock,
        private CancellationCost $cost,
        private ClientMoneyWords $told,
        private PayOnline $online,
        private BookAgainLink $bookAgain,
        private ClientChanges $mayChange,
        private SuggestedTimes $suggested,
    ) {
    }

    /**
     * @param  Booking  $asked of a visit of several services, any of its parts: all of it is told
     * @return array<string, mixed>
     */
    public function of(Booking $asked): array
    {
        $parts = VisitParts::of($asked) ?: [$asked];
        $standing = WholeVisit::standing($parts);
        [$booking] = $standing;
        $facts = BookingFacts::of($booking);
        $whole = WholeVisit::of($parts); // with what the facts have read of its money
        $balance = Balance::of($whole);
        $now = $this->clock->now();
        $isLost = $booking->state === State::Held &&
            ($booking->held_until === null || $booking->held_until <= $now);

        return [
            'id' => $booking->id,
            'business' => GatePage::business($facts->business),
            'state' => $isLost ? 'expired' : $booking->state->value,
            'start' => $facts->start->format('Y-m-d\TH:i\Z'),
            'end' => WholeVisit::of(WholeVisit::onDayOf($standing, $booking))->endsAt()->format('Y-m-d\TH:i\Z'),
            'service' => self::service($booking),
            'staff' => $facts->badges(),
            'wished' => self::wished($booking),
            'location' => $this->place($facts),
            'parts' => count($parts) === 1 ? [] : array_map($this->part(...), $parts),
            'lines' => $whole->lines,
            'includedTax' => WholeVisit::taxes(Booking::includedOf($whole->taxes)),
            'total' => $whole->price,
            'currency' => $booking->currency,
            'payment' => $whole->payment->value,
            'paid' => $this->paid($booking, $balance),
            'amounts' => [
                'paid' => $balance->kept(),
                'due' => $balance->due,
                'dueNow' => $whole->due_now,
                'payingNow' => array_sum(array_map(self::payingNow(...), $standing)),
                'fee' => $booking->fee,
            ],
            'told' => $this->told->of($isLost ? self::asOver($standing) : $standing),
            'word' => $this->word($booking),
            'suggested' => $this->suggested->of($booking),
            'isPast' => $whole->endsAt() <= $now,
            'approval' => $booking->state === State::Held &&
                array_filter($parts, BookHeld::mustBeApproved(...)) !== [],
            'terms' => self::terms($booking),
            'cancelCosts' => $this->cost->ofAll($standing),
            'pay' => $isLost ? null : $this->payPage($booking) ?? $this->online->link($booking, $balance),
            'asksPayment' => $booking->payments->contains(
                static fn (Payment $payment): bool => $payment->state === PaymentState::Open &&
                    $payment->checkout !== null,
            ),
            'payTrouble' => $booking->state === State::Held &&
                $booking->payments->contains(
                    static fn (Payment $payment): bool => $payment->state === PaymentState::Open &&
                        $payment->checkout === null &&
                        $payment->asks > 1,
                ),
            'answerBy' => $facts->answerBy?->format('Y-m-d\TH:i\Z'),
            'heldUntil' => $booking->state === State::Held ? $booking->held_until?->format('Y-m-d\TH:i:s\Z') : null,
            'heldSeconds' => $booking->state === State::Held
                    ? max(0, (int) $now->diffInSeconds($booking->held_until ?? $now))
                    : null,
            'client' => $booking->contact === null
                    ? null
                    : ['name' => $booking->contact['name'], 'email' => $booking->contact['email']],
            'note' => $booking->note,
            'awaitsProof' => $booking->awaits_proof,
            'party' => $booking->party,
            'mayCancel' => $this->mayCancel($booking),
            'changes' => $this->changes($standing),
            'answers' => (object) Questions::given($facts->business, $standing),
            'bring' => self::bring($standing),
            'heads' => $booking->service?->callsThem(),
            'again' => $this->bookAgain->path($facts->business, $standing),
            'link' => $this->links->to($booking),
            'query' => $this->links->query($booking),
        ];
    }

    /**
     * What was held for them and is not any more, though nobody has written that down yet.
     *
     * @param  non-empty-list<Booking>  $held
     * @return non-empty-list<Booking> only looked at, never saved
     */
    private static function asOver(array $held): array
    {
        return array_map(static function (Booking $one): Booking {
            $over = clone $one;
            $over->state = State::Expired;

            return $over;
        }, $held);
    }

    /** @return array<string, string>|null whom they wished for, whoever takes it now */
    private static function wished(Booking $booking): ?array
    {
        $member = $booking->wished_staff === null
            ? null
            : Member::query()->where('business_id', $booking->business_id)->find($booking->wished_staff);

        return $member === null ? null : Badge::of($member);
    }

    /** What is due when booking if whoever may pay now or later pays now (rules.md P9): minor unit. */
    private static function payingNow(Booking $part): int
    {
        return $part->payment === AskedToPay::Optional ? $part->price : $part->due_now;
    }

    /** @return array<string, mixed> a part of a visit, which can be cancelled alone */
    private function part(Booking $part): array
    {
        return [
            'id' => $part->id,
            'state' => $part->state->value,
            'service' => self::service($part),
            'start' => $part->starts_at->format('Y-m-d\TH:i\Z'),
            'end' => $part->endsAt()->format('Y-m-d\TH:i\Z'),
            'staff' => array_map(Badge::of(...), array_values($part->staff->all())),
            'cancelCosts' => $this->cost->of($part),
            'mayCancel' => $this->mayCancel($part),
            'mayMove' => $this->mayChange->mayMove($part),
            'query' => $this->links->query($part),
        ];
    }

    /** @return array{id: string, name: string, minutes: int} */
    private static function service(Booking $booking): array
    {
        return [
            'id' => $booking->service_id,
            'name' => $booking->service_name,
            'minutes' => $booking->minutes,
        ];
    }

    /**
     * What its client can change of it by themselves.
     *
     * @param  non-empty-list<Booking>  $standing
     * @return array{move: bool, asksAgain: bool, details: bool, party: array{least: int, most: int}|null}
     */
    private function changes(array $standing): array
    {
        [$first] = $standing;
        $may = array_filter($standing, $this->mayChange->mayChange(...)) === $standing;
        $isFree = array_filter($standing, $this->mayChange->isFree(...)) === $standing;
        $most = min(GatePage::LARGEST_PARTY, ...array_map(GatePage::largestParty(...), self::services($standing)));

        return [
            'move' => $this->mayChange->mayMoveTogether($standing),
            'asksAgain' => $first->state === State::Confirmed &&
                array_filter($standing, BookHeld::mustBeApproved(...)) !== [],
            'details' => $may,
            'party' => $may && $most > 1 ? ['least' => $isFree ? 1 : $first->party, 'most' => $most] : null,
        ];
    }

    /**
     * @param  non-empty-list<Booking>  $standing
     * @return list<string> what to bring, each once
     */
    private static function bring(array $standing): array
    {
        $bring = array_map(static fn (Service $service): string => $service->bring, self::services($standing));

        return array_values(array_unique(array_filter($bring)));
    }

    /**
     * @param  non-empty-list<Booking>  $standing
     * @return list<Service>
     */
    private static function services(array $standing): array
    {
        return array_values(array_filter(array_map(static fn (Booking $part): ?Service => $part->service, $standing)));
    }

    private function mayCancel(Booking $booking): bool
    {
        return $booking->state->mayBecome(State::Cancelled) &&
            $booking->state !== State::Held &&
            $booking->starts_at > $this->clock->now();
    }

    /** @return array{id: string, name: string, address: string, directions: string, phone: string, link: string} */
    private function place(BookingFacts $facts): array
    {
        return [
            'id' => $facts->location->id ?? '',
            'name' => $facts->location->name,
            'address' => $facts->location->address,
            'directions' => $facts->location->directions ?? '',
            'phone' => $facts->location->phone ?? '',
            'link' => $facts->state === State::Held || $facts->isOver() ? '' : $facts->meetingLink(),
        ];
    }

    /** none, waiting (a payment page is open), kept (a card), part, paid, charging, refunding or refunded */
    private function paid(Booking $booking, Balance $balance): string
    {
        $waits = $booking->state === State::Held && $booking->payments->contains('state', PaymentState::Open);

        return match (true) {
            $waits => 'waiting',
            in_array($balance->state, ['part', 'charging', 'refunding', 'refunded'], true) => $balance->state,
            $balance->kept() > 0 => 'paid',
            CancellationCost::keptCard($booking) !== null => 'kept',
            default => 'none',
        };
    }

    /**
     * @return array{freeUntil: string, amount: int|null, percent: string|null}|null what was agreed on cancelling;
     *   null: it is always free
     */
    private static function terms(Booking $booking): ?array
    {
        $terms = CancellationContent::kept($booking->cancellation);

        return $terms === null
            ? null
            : [
                'freeUntil' => Wall::writeInstant($terms->toCore()->freeUntil(Instants::minute($booking->starts_at))),
                'amount' => $terms->amount,
                'percent' => $terms->percent,
            ];
    }

    /** What the business wrote with its yes or no, or when it cancelled; empty for a client's own doing. */
    private function word(Booking $booking): string
    {
        if (! in_array($booking->state, [State::Confirmed, State::Declined, State::Cancelled], true)) {
            return '';
        }
        $last = BookingChange::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->where('state', $booking->state->value)
            ->orderByDesc('id')
            ->first();

        return $last !== null &&
            ! in_array($last->by, [History::BY_CLIENT, History::BY_CLOCK], true) &&
            ! str_starts_with($last->why, 'history.')
            ? $last->why
            : '';
    }

    private function payPage(Booking $booking): ?string
    {
        $open = $booking->state === State::Held
            ? $booking->payments->firstWhere('state', PaymentState::Open)
            : null;

        return $open === null ? null : $this->online->page($open);
    }
}
