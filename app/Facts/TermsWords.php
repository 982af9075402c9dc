<?php

declare(strict_types=1);

namespace App\Facts;

use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\Business;
use App\Prices\Contents\CancellationContent;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Money;
use YardBell\Core\Booking\State;

/** Until when cancelling is free and what it costs after, in a sentence (rules.md L4): the same before and after it. */
final readonly class TermsWords
{
    private const STANDING = [State::Held, State::Pending, State::Confirmed];

    private const HOUR = 60;

    private const DAY = 24 * self::HOUR;

    public function __construct(private Catalogue $catalogue, private Clock $clock)
    {
    }

    /**
     * @param  array<string, mixed>|null  $kept the terms; null: it is always free
     * @param  int|null  $start instant; null: not chosen yet
     */
    public function of(Business $business, ?array $kept, ?int $start): string
    {
        $terms = CancellationContent::kept($kept);
        if ($terms === null) {
            return '';
        }
        $cost = $terms->percent === null
            ? Money::written($terms->amount ?? 0, $business->currency)
            : $this->catalogue->say('money.part_of_price', ['percent' => $terms->percent]);
        if ($start === null) {
            return $this->catalogue->say('money.terms_open', self::before($terms->freeMinutes) + ['cost' => $cost]);
        }
        $until = $terms->toCore()->freeUntil($start);

        return $this->catalogue->say($until < $this->clock->minute() ? 'money.terms_past' : 'money.terms_ahead', [
            'until' => LocalTime::written(Instants::carbon($until), $business),
            'cost' => $cost,
        ]);
    }

    /** Nothing where it is over. */
    public function ofBooking(Booking $booking): string
    {
        return in_array($booking->state, self::STANDING, true)
            ? $this->of(
                $booking->business,
                $booking->cancellation,
                Instants::minute($booking->starts_at),
            )
            : '';
    }

    /**
     * Each part has its own, by its own start.
     *
     * @param  list<array{string, string}>  $parts name of the service, its terms in words
     */
    public function ofParts(array $parts): string
    {
        $some = array_filter($parts, static fn (array $part): bool => $part[1] !== '');

        return count($parts) === 1
            ? $parts[0][1]
            : implode(' ', array_map(
                fn (array $part): string => $this->catalogue->say('money.terms_of_part', [
                    'service' => $part[0],
                    'terms' => $part[1],
                ]),
                $some,
            ));
    }

    /** @return array{unit: string, count: int} how long before it begins */
    private static function before(int $minutes): array
    {
        return match (true) {
            $minutes === 0 => ['unit' => 'none', 'count' => 0],
            $minutes > self::DAY && $minutes % self::DAY === 0 => [
                'unit' => 'days',
                'count' => intdiv($minutes, self::DAY),
            ],
            $minutes % self::HOUR === 0 => ['unit' => 'hours', 'count' => intdiv($minutes, self::HOUR)],
            default => ['unit' => 'minutes', 'count' => $minutes],
        };
    }
}
