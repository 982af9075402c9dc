<?php

declare(strict_types=1);

namespace App\Models;

/** The way money comes in, and goes back (rules.md L2, L3). */
enum PaymentMethod: string
{
    /** A card, on the processor's own page. */
    case Processor = 'processor';
    case Cash = 'cash';
    /** A card, on a device at the desk. */
    case Card = 'card';
    case Transfer = 'transfer';
    /** Of what the client has with the business. */
    case Credit = 'credit';

    /** Those that somebody at the desk takes down. */
    public const AT_THE_DESK = [self::Cash, self::Card, self::Transfer, self::Credit];

    /** Those whose money goes back without anybody's hand. */
    public const BY_ITSELF = [self::Processor, self::Credit];

    public const ALL = [self::Processor, ...self::AT_THE_DESK];

    /** Where what came this way stands. */
    public function account(): Account
    {
        return match ($this) {
            self::Processor => Account::Processor,
            self::Cash => Account::Cash,
            self::Card => Account::Card,
            self::Transfer => Account::Bank,
            self::Credit => Account::Credit,
        };
    }
}
