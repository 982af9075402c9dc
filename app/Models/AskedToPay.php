<?php

declare(strict_types=1);

namespace App\Models;

/** What was asked for when a booking was made (rules.md P9), as its service had it then. */
enum AskedToPay: string
{
    case Nothing = 'none';
    case Optional = 'optional';
    case Deposit = 'deposit';
    case Full = 'full';
    case CardHold = 'card_hold';
    /** Nothing, since its price is settled at the desk. */
    case PriceOpen = 'desk';

    /** Of the parts of a visit the first of these counts for all of it. */
    private const STRONGEST_FIRST = [
        self::Full,
        self::Deposit,
        self::CardHold,
        self::Optional,
        self::PriceOpen,
        self::Nothing,
    ];

    /** @param  list<self>  $parts */
    public static function strongest(array $parts): self
    {
        $named = array_filter(self::STRONGEST_FIRST, static fn (self $one): bool => in_array($one, $parts, true));

        return array_values($named)[0] ?? self::Nothing;
    }

    /** Whether some of it must be paid before it is booked. */
    public function isDueAtOnce(): bool
    {
        return match ($this) {
            self::Deposit, self::Full => true,
            self::Nothing, self::Optional, self::CardHold, self::PriceOpen => false,
        };
    }

    /** Whether its client may pay it on their page. */
    public function isPaidOnline(): bool
    {
        return match ($this) {
            self::Optional, self::Deposit, self::Full, self::CardHold => true,
            self::Nothing, self::PriceOpen => false,
        };
    }
}
