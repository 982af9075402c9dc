<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Sentence;
use App\Support\Money;

/** A price in the list that a page shows before its scripts have run. */
final class PlainPrice
{
    /**
     * @param  array{kind: string, amount: int, varies: bool}  $price amount in the minor unit
     * @return Sentence|string|null "from €48.00"; null where there is none
     */
    public static function of(array $price, string $currency): Sentence|string|null
    {
        if ($price['amount'] === 0) {
            return null;
        }
        $amount = Money::written($price['amount'], $currency);

        return $price['varies'] || $price['kind'] === 'from'
            ? new Sentence('page.from', ['amount' => $amount])
            : $amount;
    }
}
