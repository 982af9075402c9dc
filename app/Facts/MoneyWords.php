<?php

declare(strict_types=1);

namespace App\Facts;

use App\Language\Catalogue;
use App\Models\AskedToPay;
use App\Models\Booking;
use App\Sales\Balance;
use App\Support\Money;
use YardBell\Core\Booking\State;

/** What a booking costs and how it stands, in words: the same on the client's page, on the card and in mails. */
final readonly class MoneyWords
{
    public function __construct(private Catalogue $catalogue, private TermsWords $terms)
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
                ? $this->over($balance, $booking)
                : $this->ahead($balance, $booking, $toClient),
            'terms' => $this->terms->ofBooking($booking),
        ];
    }

    /**
     * A visit of several services as one, whose parts have terms of their own.
     *
     * @param  non-empty-list<Booking>  $parts that stand, in order of time
     * @return array{price: string, money: list<string>, terms: string}
     */
    public function ofVisit(array $parts, bool $toClient): array
    {
        $terms = array_map(fn (Booking $part): array => [
            $part->service_name,
            $this->terms->ofBooking($part),
        ], $parts);

        return [...$this->of(WholeVisit::of($parts), $toClient), 'terms' => $this->terms->ofParts($terms)];
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
        $asked = $isHeld && $booking->payment === AskedToPay::CardHold && ! $balance->keepsCard;
        $standing = $this->standing($balance, $booking, $isHeld);
        $written = static fn (int $minor): string => Money::written($minor, $booking->currency);
        $parameters = [
            'whom' => $toClient ? 'client' : 'house',
            'paid' => $written($balance->kept()),
            'due' => $written($balance->due),
            'amount' => $written($isHeld ? $booking->due_now : $balance->now($booking)),
        ];
        $codes = [$standing, $asked ? 'card_asked' : null];

        return [
            ...array_map(
                fn (string $code): string => $this->catalogue->say("money.{$code}", $parameters),
                array_values(array_filter($codes)),
            ),
            ...$this->back($balance, $booking->currency),
            ...$balance->keepsCard && $balance->charged === 0
                ? [$this->catalogue->say('money.card_kept', $parameters)]
                : [],
            ...$this->amounts(['card_charged' => $balance->charged], $booking->currency),
        ];
    }

    private function standing(Balance $balance, Booking $booking, bool $isHeld): ?string
    {
        return match (true) {
            $balance->price === null => 'settled_later',
            ! $isHeld && $balance->now($booking) > 0 => $balance->now($booking) === $balance->due
                ? 'part_paid_now'
                : 'part_paid_part_now',
            $balance->due > 0 && $balance->kept() > 0 => 'part_paid',
            $balance->due > 0 && $isHeld && $booking->due_now > 0 => $booking->due_now === $balance->due
                ? 'now'
                : 'part_now',
            $balance->due > 0 && $isHeld && $booking->payment === AskedToPay::Optional => 'as_you_like',
            $balance->due > 0 => 'later',
            $balance->kept() > 0 => 'paid',
            default => null,
        };
    }

    /** @return list<string> of what is cancelled, declined, missed or ran out */
    private function over(Balance $balance, Booking $booking): array
    {
        $isNothing = $balance->paid === 0 && $balance->due === 0 && $balance->elsewhere === 0;
        $for = ['for' => $booking->state === State::NoShow ? 'missed' : 'late'];

        return [
            ...$isNothing ? [$this->catalogue->say('money.nothing_charged')] : [],
            ...$this->amounts($this->fees($balance), $booking->currency, $for),
            ...$this->back($balance, $booking->currency),
            ...$this->amounts(['elsewhere' => $balance->elsewhere], $booking->currency),
        ];
    }

    /** @return array<string, int> what was paid, and what of it stays for what reason, by code */
    private function fees(Balance $balance): array
    {
        $paid = $balance->paid - $balance->charged;
        $isFee = (int) $balance->fee > 0;
        $kept = $isFee ? max(0, $balance->kept() - $balance->charged) : 0;
        $isWhole = $kept > 0 && $kept === $paid;
        $due = $balance->charging > 0 ? 0 : $balance->due;

        return [
            'kept_whole' => $isWhole ? $kept : 0,
            'was_paid' => $isWhole || $balance->elsewhere > 0 ? 0 : $paid,
            'kept' => $isWhole ? 0 : $kept,
            'charged' => $balance->charged,
            'charging' => $balance->charging,
            'fee_due' => $isFee ? $due : 0,
            'still_due' => $isFee ? 0 : $due,
            'waived' => $balance->waived,
        ];
    }

    /** @return list<string> */
    private function back(Balance $balance, string $currency): array
    {
        $amounts = [
            'to_give' => $balance->toGive,
            'returning' => $balance->returning,
            'returned' => $balance->returned,
            'credited' => $balance->credited,
        ];

        return $this->amounts($amounts, $currency);
    }

    /**
     * @param  array<string, int>  $amounts by code
     * @param  array<string, string>  $more parameters
     * @return list<string> of those that are something
     */
    private function amounts(array $amounts, string $currency, array $more = []): array
    {
        $said = [];
        foreach (array_filter($amounts) as $code => $minor) {
            $said[] = $this->amount($code, $minor, $currency, $more);
        }

        return $said;
    }

    /** @param  array<string, string>  $more parameters */
    private function amount(string $code, int $minor, string $currency, array $more = []): string
    {
        return $this->catalogue->say("money.{$code}", ['amount' => Money::written($minor, $currency)] + $more);
    }
}
