<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Answer;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Sales\Balance;
use Carbon\CarbonImmutable;
use YardBell\Core\Booking\State;

/**
 * What there is to tell of a booking, read once: its client's page, its card, mails and calendars all tell it from
 * this.
 */
final readonly class BookingFacts
{
    /**
     * @param  list<Member>  $staff
     * @param  list<array{label: string, quantity: int}>  $addOns
     * @param  array{name: string, email: string, phone: string}|null  $contact as given with it; null while held
     * @param  list<Answer>  $answers
     * @param  bool  $isProven whether the mail address is known to be theirs
     * @param  int  $version counts what changed for a calendar
     * @param  array{one: string, many: string}|null  $heads what those who come are called; null: people
     * @param  string|null  $clientZone of whoever booked, where it is known
     * @param  CarbonImmutable|null  $answerBy until when a request is answered
     */
    private function __construct(
        public string $id,
        public Business $business,
        public State $state,
        public string $service,
        public int $minutes,
        public CarbonImmutable $start,
        public CarbonImmutable $end,
        public array $staff,
        public Location $location,
        public int $party,
        public array $addOns,
        public ?array $contact,
        public array $answers,
        public string $note,
        public bool $isProven,
        public ?CarbonImmutable $heldUntil,
        public int $version,
        public Balance $balance,
        public string $bring,
        public ?CarbonImmutable $answerBy,
        public ?string $clientZone,
        public ?array $heads,
    ) {
    }

    public static function of(Booking $booking): self
    {
        $addOns = array_values(
            array_filter($booking->lines, static fn (array $line): bool => $line['kind'] === 'addOn'),
        );

        $business = $booking->business;
        $service = $booking->service;

        return new self(
            id: $booking->id,
            business: $business,
            state: $booking->state,
            service: $booking->service_name,
            minutes: $booking->minutes,
            start: $booking->starts_at,
            end: $booking->endsAt(),
            staff: array_values($booking->staff->all()),
            location: $booking->place(),
            party: $booking->party,
            addOns: array_map(
                static fn (array $line): array => ['label' => $line['label'], 'quantity' => $line['quantity'] ?? 1],
                $addOns,
            ),
            contact: $booking->contact,
            answers: $booking->answers,
            note: $booking->note,
            isProven: $booking->proven_at !== null,
            heldUntil: $booking->held_until,
            version: $booking->calendar_sequence,
            balance: Balance::of($booking->withMoney()),
            bring: $service->bring ?? '',
            answerBy: AnswerTime::of($booking, $business),
            clientZone: $booking->client_zone,
            heads: $service?->callsThem(),
        );
    }

    /** "Studio, 1 Yard Lane" */
    public function where(): string
    {
        return trim("{$this->location->name}, {$this->location->address}", ', ');
    }

    /** The link to a meeting room, where it is held in one. */
    public function meetingLink(): string
    {
        return $this->location->online ? $this->location->meeting_link : '';
    }

    /** @return list<array{id: string, name: string, initials: string, colour: string, pattern: string}> */
    public function badges(): array
    {
        return array_map(Badge::of(...), $this->staff);
    }

    public function isOver(): bool
    {
        return $this->state->isOver();
    }
}
