<?php

declare(strict_types=1);

namespace App\Support;

use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\App;
use NumberFormatter;

/** Amounts in the currency's minor unit, written for the reader. */
final class Money
{
    public static function written(int $minor, string $currency): string
    {
        $format = self::format($currency);

        return (string) $format->formatCurrency($minor / 10 ** self::places($currency), $currency);
    }

    /** Decimal places of a currency: 2 of EUR, 0 of JPY, 3 of KWD. */
    public static function places(string $currency): int
    {
        return (int) self::format($currency)->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }

    /** "48.50": for files, whoever reads them. */
    public static function plain(int $minor, string $currency): string
    {
        return (string) BigDecimal::ofUnscaledValue($minor, self::places($currency));
    }

    private static function format(string $currency): NumberFormatter
    {
        $format = new NumberFormatter(App::getLocale(), NumberFormatter::CURRENCY);
        $format->setTextAttribute(NumberFormatter::CURRENCY_CODE, $currency);

        return $format;
    }
}
