<?php

declare(strict_types=1);

namespace App\Gate;

use App\Facts\BookingFacts;
use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Language\Catalogue;
use App\Messages\Particulars;
use App\Models\Audience;
use App\Models\Booking;
use App\Support\Clock;
use App\Support\Given;
use App\Support\LocalTime;
use YardBell\Core\Booking\State;

/** A client's booking as the page shows it before its scripts run, or without them: its facts, and what books it. */
final readonly class PlainBooking
{
    public function __construct(private Catalogue $catalogue, private Particulars $particulars, private Clock $clock)
    {
    }

    /**
     * @param  Given  $shown as ClientBooking tells it
     * @return array{
     *     says: string, facts: list<list<string>>, pay: string|null, waits: bool, asks: bool, mayPayNow: bool,
     *     questions: list<array<string, mixed>>, consent: string, asksPhone: string,
     * }
     */
    public function of(Booking $asked, Given $shown): array
    {
        $parts = WholeVisit::standing(VisitParts::of($asked) ?: [$asked]);
        [$booking] = $parts;
        $business = $booking->business;
        $isVisit = count($parts) > 1;
        $facts = array_map(fn (Booking $part): array => array_map(trim(...), $this->particulars->of(
            $part,
            BookingFacts::of($part),
            Audience::Client,
            $isVisit,
        )), $parts);
        if ($isVisit) {
            $facts[] = array_map(trim(...), $this->particulars->ofVisit($parts, Audience::Client, count($parts)));
        }
        $isHeld = $booking->state === State::Held && $booking->held_until > $this->clock->now();
        $asks = $isHeld && $booking->contact === null;

        return [
            'says' => $this->catalogue->say('page.booking.says', [
                'state' => $asks || ! $isHeld ? $shown->string('state') : 'waits',
                'until' => $booking->held_until === null ? '' : LocalTime::clock($booking->held_until, $business),
            ]),
            'facts' => $facts,
            'pay' => $shown->stringIf('pay'),
            'waits' => $isHeld && ! $asks && ! $booking->awaits_proof && $shown->stringIf('pay') === null,
            'asks' => $asks,
            'mayPayNow' => $shown->under('amounts')->int('payingNow') > $shown->under('amounts')->int('dueNow'),
            'questions' => $asks
                ? array_values(array_filter(
                    Questions::of($business, array_map(static fn (Booking $part): string => $part->service_id, $parts)),
                    static fn (array $one): bool => ! in_array($one['type'], ['hidden', 'file'], true),
                ))
                : [],
            'consent' => $business->consent,
            'asksPhone' => $business->asks_phone,
        ];
    }
}
