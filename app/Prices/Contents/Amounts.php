<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use Closure;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Percent;

/** What amounts and parts of them must be like. */
final class Amounts
{
    public const LARGEST = 100_000_000;

    /** In the minor unit. */
    public const RULE = 'integer|min:0|max:'.self::LARGEST;

    /** @param  bool  $fromZero whether 0 is one too */
    public static function percent(bool $fromZero = false): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail) use ($fromZero): void {
            try {
                $percent = Percent::of(is_string($value) || is_int($value) ? (string) $value : '');
                if ($percent->part(100) > 100 || ($percent->written() === '0' && ! $fromZero)) {
                    $fail('wrong.price.percent_range');
                }
            } catch (InvalidPrice) {
                $fail('wrong.price.percent_form');
            }
        };
    }

    /** In its one form: "12.5". */
    public static function written(?string $percent): ?string
    {
        return $percent === null ? null : Percent::of($percent)->written();
    }
}
