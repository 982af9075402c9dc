<?php

declare(strict_types=1);

namespace App\Support;

use NumberFormatter;

/** Amounts in the currency's minor unit, written for a reader. */
final class Money
{
    public static function written(int $minor, string $currency): string
    {
        $format = new NumberFormatter('en', NumberFormatter::CURRENCY);
        $format->setTextAttribute(NumberFormatter::CURRENCY_CODE, $currency);
        $digits = (int) $format->getAttribute(NumberFormatter::FRACTION_DIGITS);

        return (string) $format->formatCurrency($minor / 10 ** $digits, $currency);
    }
}
