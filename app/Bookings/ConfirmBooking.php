<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Messages\MailQuota;
use App\Models\AskedToPay;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Occasion;
use App\Payments\OpenPayment;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\MailAddress;
use App\Support\Refusal;
use App\Support\TooMany;
use App\Times\TimeTaken;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/**
 * A held time gets its client: it is booked at once, or once it is paid. The parts of a visit are held, paid and booked
 * together or not at all.
 */
final readonly class ConfirmBooking
{
    public function __construct(
        private ConnectionInterface $db,
        private RenewHold $renew,
        private CheckBuyer $check,
        private BookHeld $book,
        private OpenPayment $payment,
        private Announcements $announcements,
        private MailQuota $quota,
        private Clock $clock,
    ) {
    }

    /**
     * @param  Booking  $held as it was read; of a visit of several services, any of its parts
     * @return Booking the same, as it is now
     *
     * @throws TimeTaken
     */
    public function __invoke(Business $business, Booking $held, Details $details): Booking
    {
        return $this->db->transaction(function () use ($business, $held, $details): Booking {
            $parts = VisitParts::lockedOf($held);
            $same = array_values(array_filter($parts, static fn (Booking $part): bool => $part->id === $held->id));
            if (in_array($parts[0]->state, [State::Confirmed, State::Pending], true)) {
                return $same[0]; // the same form sent twice
            }
            foreach ($parts as $part) {
                if (! in_array($part->state, [State::Held, State::Expired], true)) {
                    throw new Refusal(new Sentence('refusal.held.gone'), 409, 'not_held');
                }
                if ($part->payment === AskedToPay::Optional) {
                    $part->due_now = $details->paysNow ? $part->price : 0;
                }
            }
            $client = $this->client($business, $details);
            foreach ($parts as $part) {
                $this->check->ofClient($business, $part, $client);
            }
            $this->settle($business, $parts, $client, $details);

            return $same[0];
        }, attempts: 5);
    }

    /** @param  non-empty-list<Booking>  $parts */
    private function settle(Business $business, array $parts, Client $client, Details $details): void
    {
        $paysFirst = self::paysFirst($parts);
        $isKnown = $parts[0]->priced_for === $client->id; // they came by a link that was mailed to them
        $provesFirst = ! $paysFirst && ! $isKnown && ProofOfAddress::isAsked($business, $this->clock->now());
        $asksAgain = $provesFirst && ! $parts[0]->awaits_proof;
        if ($asksAgain && ! $this->quota->takes((string) $client->email, $parts[0]->visitor ?? $parts[0]->id)) {
            throw self::enoughMail();
        }
        foreach ($parts as $part) {
            ($this->renew)($part, $business, $paysFirst || $provesFirst ? $this->until($part) : null);
            $part->client_id = $client->id;
            $part->contact = $details->contact();
            $part->note = $details->note;
            $part->client_zone = $details->zone;
            $part->answers = $details->answers[$part->id] ?? [];
            $part->consent = $this->consent($details->consent);
            $part->awaits_proof = $provesFirst;
            $part->proven_at = $isKnown ? $this->clock->now() : null;
            if ($paysFirst || $provesFirst) { // else it is written with its sale
                $part->save();
            }
        }
        if (! $paysFirst && ! $provesFirst && ! $this->quota->wouldTake($parts[0])) {
            throw self::enoughMail();
        }
        match (true) {
            $provesFirst => $this->announcements->ofAll($parts, Occasion::Prove),
            $paysFirst => $this->askForMoney($parts),
            default => ($this->book)($parts),
        };
    }

    /** Whoever has this address has not opened any of today's mails: somebody else may be typing it. */
    private static function enoughMail(): TooMany
    {
        return new TooMany(new Sentence('refusal.held.unproved'), 86_400);
    }

    /** @return array{text: string, at: string}|null what they agreed to stays as it was worded then */
    private function consent(string $text): ?array
    {
        return $text === '' ? null : ['text' => $text, 'at' => $this->clock->now()->format('Y-m-d\TH:i\Z')];
    }

    /** @param  non-empty-list<Booking>  $parts */
    private static function paysFirst(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($part->due_now > 0 || $part->payment === AskedToPay::CardHold) {
                return true;
            }
        }

        return false;
    }

    /**
     * All of a visit is paid at once; where a card is to be kept for one of its parts, that is asked for beside it.
     *
     * @param  non-empty-list<Booking>  $parts
     */
    private function askForMoney(array $parts): void
    {
        $due = array_sum(array_map(static fn (Booking $part): int => $part->due_now, $parts));
        $keepsCard = in_array(AskedToPay::CardHold, array_column($parts, 'payment'), true);
        $amounts = $due > 0 ? [$due, ...$keepsCard ? [0] : []] : [0];
        $sale = ($this->payment)($parts[0], $amounts);
        foreach ($parts as $part) {
            $part->update(['sale_id' => $sale->id]);
        }
    }

    /**
     * Until when it goes on being held, where it waits for money or a mail: not for ever, however often somebody
     * presses the button. A hold has one life, and after it the time is picked again.
     *
     * @throws Refusal
     */
    private function until(Booking $booking): int
    {
        $now = $this->clock->minute();
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

    /**
     * Whoever has booked with this address before. What they give now stays with the booking: an address is no proof
     * of who types it.
     */
    private function client(Business $business, Details $details): Client
    {
        return Client::query()->firstOrCreate(
            [
                'business_id' => $business->id,
                'email' => MailAddress::normal($details->email) ?? mb_strtolower($details->email),
            ],
            ['name' => $details->name, 'phone' => $details->phone],
        );
    }
}
