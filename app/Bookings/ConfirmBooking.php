<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Ledger\OpenPayment;
use App\Ledger\SellVisit;
use App\Messages\Announcements;
use App\Messages\MailQuota;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Occasion;
use App\Models\Service;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\MailAddress;
use App\Support\Refusal;
use App\Support\TooMany;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** A held time gets its client: it is booked at once, or once it is paid. */
final readonly class ConfirmBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private HoldTime $hold,
        private History $history,
        private OpenPayment $payment,
        private SellVisit $sell,
        private Announcements $announcements,
        private MailQuota $quota,
        private UseCodes $codes,
        private Clock $clock,
    ) {
    }

    /**
     * @param  array{
     *     name: string, email: string, phone: string, note: string,
     *     answers?: list<array{question: string, answer: string, file?: string}>, payNow?: bool,
     * } $details checked before
     *
     * @throws TimeTaken
     */
    public function __invoke(Business $business, string $bookingId, array $details): void
    {
        $this->db->transaction(function () use ($business, $bookingId, $details): void {
            $booking = Booking::query()->where('business_id', $business->id)->lockForUpdate()->findOrFail($bookingId);
            if (in_array($booking->state, [State::Confirmed, State::Pending], true)) {
                return; // the same form sent twice
            }
            if (! in_array($booking->state, [State::Held, State::Expired], true)) {
                throw new Refusal(new Sentence('refusal.held.gone'), 409, 'not_held');
            }
            if ($booking->payment === 'optional') {
                $booking->due_now = $details['payNow'] ?? false ? $booking->price : 0;
            }
            $client = $this->client($business, $details);
            $this->codes->check($business, $booking, $client);
            $paysFirst = $booking->due_now > 0 || $booking->payment === 'card_hold';
            $provesFirst = ! $paysFirst && ProofOfAddress::isAsked($business, $client, $this->clock->now());
            if ($provesFirst && ! $booking->awaits_proof && ! $this->quota->takes((string) $client->email)) {
                throw new TooMany(
                    new Sentence('refusal.held.unproved'),
                    86_400,
                );
            }
            $this->hold->again($booking, $business, $this->until($booking, waits: $paysFirst || $provesFirst));
            $booking->client_id = $client->id;
            $booking->contact = [
                'name' => $details['name'],
                'email' => $details['email'],
                'phone' => $details['phone'],
            ];
            $booking->note = $details['note'];
            $booking->answers = $details['answers'] ?? [];
            $booking->awaits_proof = $provesFirst;
            $booking->save();
            match (true) {
                $provesFirst => $this->announcements->of($booking, Occasion::Prove),
                $paysFirst => ($this->payment)($booking, $booking->due_now),
                default => $this->book($booking),
            };
        }, attempts: 5);
    }

    /** The link in the mail was opened and followed: what waits for it is booked. */
    public function proven(Business $business, string $bookingId): void
    {
        $this->db->transaction(function () use ($business, $bookingId): void {
            $booking = Booking::query()->where('business_id', $business->id)->lockForUpdate()->findOrFail($bookingId);
            if (! $booking->awaits_proof) {
                return; // pressed twice
            }
            $this->hold->again(
                $booking,
                $business,
                $this->clock->minute() + config()->integer('yardbell.hold_minutes'),
            );
            $booking->awaits_proof = false;
            $this->book($booking);
        }, attempts: 5);
    }

    /**
     * Until when it goes on being held. What waits for money or a mail is not held for ever, however often somebody
     * presses the button: a hold has one life, and after it the time is picked again.
     *
     * @throws Refusal
     */
    private function until(Booking $booking, bool $waits): int
    {
        $now = $this->clock->minute();
        if (! $waits) {
            return $now + config()->integer('yardbell.hold_minutes');
        }
        $end = Instants::minute($booking->created_at) + config()->integer('yardbell.hold_life_minutes');
        if ($end <= $now) {
            throw new Refusal(
                new Sentence('refusal.held.free_again'),
                409,
                'not_held',
            );
        }

        return min($end, $now + config()->integer('yardbell.payment_minutes'));
    }

    /** What happens when nothing is left to pay first. Within a transaction that has locked the booking. */
    public function book(Booking $booking): void
    {
        ($this->sell)($booking, History::BY_CLIENT);
        if (self::mustBeApproved($booking)) {
            $this->ask($booking);

            return;
        }
        $this->history->become($booking, State::Confirmed, History::BY_CLIENT);
        $this->announcements->of($booking, Occasion::Booked);
        $this->announcements->remind($booking);
    }

    public static function mustBeApproved(Booking $booking): bool
    {
        return Service::query()
            ->where('business_id', $booking->business_id)
            ->whereKey($booking->service_id)
            ->value('approval') === true;
    }

    /** It waits for a yes; the time is kept meanwhile. */
    private function ask(Booking $booking): void
    {
        $this->history->become($booking, State::Pending, History::BY_CLIENT);
        $this->announcements->of($booking, Occasion::Pending);
    }

    /**
     * Whoever has booked with this address before. What they give now stays with the booking: an address is no proof
     * of who types it.
     *
     * @param  array{name: string, email: string, phone: string}  $details
     */
    private function client(Business $business, array $details): Client
    {
        return Client::query()->firstOrCreate(
            [
                'business_id' => $business->id,
                'email' => MailAddress::normal($details['email']) ?? mb_strtolower($details['email']),
            ],
            ['name' => $details['name'], 'phone' => $details['phone']],
        );
    }
}
