<?php

declare(strict_types=1);

namespace App\Gate;

use App\Support\Money;

/** A price in the list that a page shows before its scripts have run. */
final class PlainPrice
{
    /**
     * @param  array{kind: string, amount: int, varies: bool}  $price amount in the minor unit
     * @return string ", from €48.00"; empty where there is none
     */
    public static function of(array $price, string $currency): string
    {
        if ($price['amount'] === 0) {
            return '';
        }

        $before = $price['varies'] || $price['kind'] === 'from' ? ', from ' : ', ';

        return $before.Money::written($price['amount'], $currency);
    }
}
