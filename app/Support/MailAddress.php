<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Egulias\EmailValidator\EmailValidator;
use Egulias\EmailValidator\Validation\RFCValidation;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * The one form of a mail address: small letters, the domain as it goes over the wire. Throttles, look-ups and the
 * database all see this form, so no two spellings are one account for one of them and two for another.
 */
final class MailAddress implements ValidationRule
{
    public const SENTENCE = 'wrong.reach.email';

    /** @return string|null null: no address that mail can be sent to everywhere */
    public static function normal(string $given): ?string
    {
        $at = strrpos($given = trim($given), '@');
        $domain = $at === false ? false : idn_to_ascii(substr($given, $at + 1), IDNA_DEFAULT, INTL_IDNA_VARIANT_UTS46);
        $address = $at === false || $domain === false ? '' : strtolower(substr($given, 0, $at)."@{$domain}");

        return strlen($address) <= 190 &&
            ! str_ends_with($address, ']') && // a machine by its number is nobody's mailbox
            filter_var($address, FILTER_VALIDATE_EMAIL) !== false &&
            (new EmailValidator())->isValid($address, new RFCValidation()) // as the mailer asks
            ? $address
            : null;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || self::normal($value) === null) {
            $fail(self::SENTENCE);
        }
    }
}
