<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bookings\Tariffs;
use App\Models\Booking;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Money;
use YardBell\Core\Booking\State;

/** What a booking costs and how it stands, in words: the same on the client's page, on the card and in mails. */
final readonly class Told
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  bool  $toClient or to the house
     * @return array{price: string, money: list<string>, terms: string}
     */
    public function of(Booking $booking, bool $toClient): array
    {
        $balance = Balance::of($booking);
        $come = $toClient ? 'when you come' : 'when they come';

        return [
            'price' => self::price($balance, $booking->currency),
            'money' => $balance->isOver ? self::over($balance, $booking->currency) : self::ahead($balance, $booking, $come, $toClient ? 'Your card' : 'A card'),
            'terms' => $this->terms($booking),
        ];
    }

    private static function price(Balance $balance, string $currency): string
    {
        return match (true) {
            $balance->price === null => $balance->from === null ? 'price on request' : 'from '.Money::written($balance->from, $currency),
            $balance->price === 0 => 'free',
            default => Money::written($balance->price, $currency),
        };
    }

    /** @return list<string> of what is still to come, or has been */
    private static function ahead(Balance $balance, Booking $booking, string $come, string $card): array
    {
        $amount = static fn (int $minor): string => Money::written($minor, $booking->currency);
        $said = match (true) {
            $balance->price === null => ["The price is settled {$come}."],
            $balance->due > 0 && $balance->kept() > 0 => ["{$amount($balance->kept())} paid, {$amount($balance->due)} to be paid {$come}."],
            $balance->due > 0 && $booking->state === State::Held && $booking->due_now > 0 => [$booking->due_now === $balance->due ? 'To be paid now, by card.' : "{$amount($booking->due_now)} to be paid now, by card; the rest {$come}."],
            $balance->due > 0 && $booking->state === State::Held && $booking->payment === 'optional' => ['To be paid now or when you come, as you like.'],
            $balance->due > 0 => ["To be paid {$come}."],
            $balance->kept() > 0 => ['Paid.'],
            default => [],
        };

        if ($booking->state === State::Held && $booking->payment === 'card_hold' && ! $balance->keepsCard) {
            $said[] = 'A card is asked for and kept, in case you do not come; nothing is charged now.';
        }

        return [...$said, ...self::back($balance, $booking->currency), ...($balance->keepsCard ? ["{$card} is kept; nothing was charged to it."] : [])];
    }

    /** @return list<string> of what is cancelled, declined or ran out */
    private static function over(Balance $balance, string $currency): array
    {
        $amount = static fn (int $minor): string => Money::written($minor, $currency);
        $said = [
            ...($balance->paid === 0 && $balance->charging === 0 ? ['Nothing was charged.'] : []),
            ...($balance->paid > 0 ? ["{$amount($balance->paid)} was paid."] : []),
            ...($balance->kept() > 0 ? ["{$amount($balance->kept())} of it is kept, as agreed for cancelling late."] : []),
            ...($balance->charging > 0 ? ["{$amount($balance->charging)} is being charged to the card that was left, as agreed for cancelling late."] : []),
        ];
        if ($balance->kept() > 0 && $balance->kept() === $balance->paid) {
            $said = ["{$amount($balance->paid)} was paid and is kept, as agreed for cancelling late."];
        }

        return [...$said, ...self::back($balance, $currency)];
    }

    /** @return list<string> */
    private static function back(Balance $balance, string $currency): array
    {
        return [
            ...($balance->returning > 0 ? [Money::written($balance->returning, $currency).' is on its way back.'] : []),
            ...($balance->returned > 0 ? [Money::written($balance->returned, $currency).' has been paid back.'] : []),
        ];
    }

    /** Until when cancelling is free and what it costs after; nothing where it is always free, or too late for it. */
    private function terms(Booking $booking): string
    {
        $terms = $booking->cancellation;
        if ($terms === null || ! in_array($booking->state, [State::Held, State::Pending, State::Confirmed], true)) {
            return '';
        }
        $cost = $terms['percent'] === null ? Money::written($terms['amount'] ?? 0, $booking->currency) : "{$terms['percent']} % of the price";
        $until = Tariffs::cancellation($terms)->freeUntil(Instants::minute($booking->starts_at));

        return $until < $this->clock->minute()
            ? "It is too late to cancel free of charge: cancelling costs {$cost}."
            : 'Free to cancel until '.LocalTime::written(Instants::carbon($until), $booking->business()->firstOrFail()).". After that it costs {$cost}.";
    }
}
