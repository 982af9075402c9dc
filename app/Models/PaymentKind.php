<?php

declare(strict_types=1);

namespace App\Models;

enum PaymentKind: string
{
    /** Of what is owed. */
    case Payment = 'payment';
    /** No money: a card that is kept for a fee. */
    case Card = 'card';
    /** A fee, charged to a kept card. */
    case Fee = 'fee';
}
