<?php

declare(strict_types=1);

namespace App\Clients;

use Closure;
use DateTimeZone;
use Illuminate\Contracts\Validation\ValidationRule;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/** A telephone number, with its country or as it is dialled where the business is. Kept as +441632960123. */
final readonly class PhoneNumber implements ValidationRule
{
    public function __construct(private string $timeZone)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && trim($value) !== '' && self::parsed($value, $this->timeZone) === null) {
            $fail(
                'wrong.reach.phone',
            );
        }
    }

    public static function canonical(string $given, string $timeZone): string
    {
        return self::parsed($given, $timeZone) ?? '';
    }

    private static function parsed(string $given, string $timeZone): ?string
    {
        $numbers = PhoneNumberUtil::getInstance();
        $country = (new DateTimeZone($timeZone))->getLocation()['country_code'] ?? null;
        try {
            $number = $numbers->parse($given, $country === '??' ? null : $country);
        } catch (NumberParseException) {
            return null;
        }

        return $numbers->isPossibleNumber($number) ? $numbers->format($number, PhoneNumberFormat::E164) : null;
    }
}
