<?php

declare(strict_types=1);

namespace App\Facts;

use App\Language\Catalogue;
use App\Ledger\Balance;
use App\Ledger\Contents\CancellationContent;
use App\Models\Booking;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Money;
use YardBell\Core\Booking\State;

/** What a booking costs and how it stands, in words: the same on the client's page, on the card and in mails. */
final readonly class Told
{
    public function __construct(private Catalogue $catalogue, private Clock $clock)
    {
    }

    /**
     * @param  bool  $toClient or to the house
     * @return array{price: string, money: list<string>, terms: string}
     */
    public function of(Booking $booking, bool $toClient): array
    {
        $balance = Balance::of($booking);

        return [
            'price' => $this->price($balance, $booking->currency),
            'money' => $balance->isOver
                ? $this->over($balance, $booking->currency)
                : $this->ahead($balance, $booking, $toClient),
            'terms' => $this->terms($booking),
        ];
    }

    private function price(Balance $balance, string $currency): string
    {
        return match (true) {
            $balance->price === null && $balance->from === null => $this->catalogue->say('money.on_request'),
            $balance->price === null => $this->amount('from', $balance->from ?? 0, $currency),
            $balance->price === 0 => $this->catalogue->say('money.free'),
            default => Money::written($balance->price, $currency),
        };
    }

    /** @return list<string> of what is still to come, or has been */
    private function ahead(Balance $balance, Booking $booking, bool $toClient): array
    {
        $isHeld = $booking->state === State::Held;
        $asked = $isHeld && $booking->payment === 'card_hold' && ! $balance->keepsCard;
        $standing = $this->standing($balance, $booking, $isHeld);
        $written = static fn (int $minor): string => Money::written($minor, $booking->currency);
        $parameters = [
            'whom' => $toClient ? 'client' : 'house',
            'paid' => $written($balance->kept()),
            'due' => $written($balance->due),
            'amount' => $written($booking->due_now),
        ];
        $codes = [$standing, $asked ? 'card_asked' : null];

        return [
            ...array_map(
                fn (string $code): string => $this->catalogue->say("money.{$code}", $parameters),
                array_values(array_filter($codes)),
            ),
            ...$this->back($balance, $booking->currency),
            ...$balance->keepsCard ? [$this->catalogue->say('money.card_kept', $parameters)] : [],
        ];
    }

    private function standing(Balance $balance, Booking $booking, bool $isHeld): ?string
    {
        return match (true) {
            $balance->price === null => 'settled_later',
            $balance->due > 0 && $balance->kept() > 0 => 'part_paid',
            $balance->due > 0 && $isHeld && $booking->due_now > 0 => $booking->due_now === $balance->due
                ? 'now'
                : 'part_now',
            $balance->due > 0 && $isHeld && $booking->payment === 'optional' => 'as_you_like',
            $balance->due > 0 => 'later',
            $balance->kept() > 0 => 'paid',
            default => null,
        };
    }

    /** @return list<string> of what is cancelled, declined or ran out */
    private function over(Balance $balance, string $currency): array
    {
        $keepsAll = $balance->kept() > 0 && $balance->kept() === $balance->paid;
        $amounts = $keepsAll
            ? ['kept_whole' => $balance->paid]
            : [
                'was_paid' => $balance->paid,
                'kept' => $balance->kept(),
                'charging' => $balance->charging,
                'fee_due' => $balance->charging > 0 ? 0 : $balance->due,
            ];

        return [
            ...$balance->paid === 0 && $balance->due === 0 ? [$this->catalogue->say('money.nothing_charged')] : [],
            ...$this->amounts($amounts, $currency),
            ...$this->back($balance, $currency),
        ];
    }

    /** @return list<string> */
    private function back(Balance $balance, string $currency): array
    {
        $amounts = [
            'to_give' => $balance->toGive,
            'returning' => $balance->returning,
            'returned' => $balance->returned,
        ];

        return $this->amounts($amounts, $currency);
    }

    /**
     * @param  array<string, int>  $amounts by code
     * @return list<string> of those that are something
     */
    private function amounts(array $amounts, string $currency): array
    {
        $said = [];
        foreach (array_filter($amounts) as $code => $minor) {
            $said[] = $this->amount($code, $minor, $currency);
        }

        return $said;
    }

    private function amount(string $code, int $minor, string $currency): string
    {
        return $this->catalogue->say("money.{$code}", ['amount' => Money::written($minor, $currency)]);
    }

    /** Until when cancelling is free and what it costs after; nothing where it is always free, or too late for it. */
    private function terms(Booking $booking): string
    {
        $terms = CancellationContent::kept($booking->cancellation);
        if ($terms === null || ! in_array($booking->state, [State::Held, State::Pending, State::Confirmed], true)) {
            return '';
        }
        $cost =
            $terms->percent === null
                ? Money::written($terms->amount ?? 0, $booking->currency)
                : $this->catalogue->say('money.part_of_price', ['percent' => $terms->percent]);
        $until = $terms->toCore()->freeUntil(Instants::minute($booking->starts_at));

        return $this->catalogue->say($until < $this->clock->minute() ? 'money.terms_past' : 'money.terms_ahead', [
            'until' => LocalTime::written(Instants::carbon($until), $booking->business()->firstOrFail()),
            'cost' => $cost,
        ]);
    }
}
