<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P9: what is asked for when booking. */
enum PaymentKind: string
{
    case None = 'none';
    case Optional = 'optional';
    case Deposit = 'deposit';
    case Full = 'full';
    case CardHold = 'card_hold';
}
