<?php

declare(strict_types=1);

namespace App\Gate;

use App\Facts\BookingFacts;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Member;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/** Other times that a client was offered instead of the one asked for: what each is, and what has become of one. */
final readonly class SuggestedTimes
{
    public function __construct(private ClientLink $links, private Clock $clock)
    {
    }

    /** @return list<array{start: string, end: string, staff: list<string>, link: string}> that can still be taken */
    public function of(Booking $booking): array
    {
        $shown = [];
        foreach ($booking->suggested as $one) {
            if ($this->isOpen($booking, $one['start'])) {
                $shown[] = [
                    'start' => $one['start'],
                    'end' => Wall::writeInstant(Wall::instant($one['start']) + $booking->minutes),
                    'staff' => array_values(array_map(
                        static fn (Member $member): string => $member->name,
                        Member::query()
                            ->where('business_id', $booking->business_id)
                            ->whereIn('id', $one['staff'])
                            ->orderBy('name')
                            ->get()
                            ->all(),
                    )),
                    'link' => $this->links->instead($booking, $one['start']),
                ];
            }
        }

        return $shown;
    }

    public function isOpen(Booking $booking, string $start): bool
    {
        return $booking->state === State::Pending &&
            in_array($start, array_column($booking->suggested, 'start'), true) &&
            Wall::instant($start) > $this->clock->minute();
    }

    /** What has become of a time whose link cannot take it any more. */
    public function fate(Booking $booking, string $start): Sentence
    {
        $facts = BookingFacts::of($booking);
        $when = ['when' => LocalTime::written($booking->starts_at, $facts->business)];
        $isIt = Instants::minute($booking->starts_at) === Wall::instant($start);

        return match (true) {
            $booking->state === State::Confirmed && $isIt => new Sentence('page.instead.taken_by_you', $when),
            $booking->state === State::Confirmed => new Sentence('page.instead.booked_at', $when),
            $booking->state === State::Cancelled => new Sentence('page.instead.cancelled'),
            $booking->state === State::Declined => new Sentence('page.instead.declined'),
            Wall::instant($start) <= $this->clock->minute() => new Sentence('page.instead.past'),
            default => new Sentence('page.instead.not_offered'),
        };
    }
}
