<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\App;
use NumberFormatter;

/** Amounts in the currency's minor unit, written for the reader. */
final class Money
{
    public static function written(int $minor, string $currency): string
    {
        $format = new NumberFormatter(App::getLocale(), NumberFormatter::CURRENCY);
        $format->setTextAttribute(NumberFormatter::CURRENCY_CODE, $currency);
        $digits = (int) $format->getAttribute(NumberFormatter::FRACTION_DIGITS);

        return (string) $format->formatCurrency($minor / 10 ** $digits, $currency);
    }
}
