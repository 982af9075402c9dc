<?php

declare(strict_types=1);

namespace App\Sales;

use App\Language\Sentence;
use App\Support\Money;
use Illuminate\Validation\ValidationException;

/** An amount that cannot be: said at its field. */
final class WrongAmount
{
    public static function at(
        string $field,
        string $code,
        ?int $most = null,
        string $currency = '',
    ): ValidationException {
        $parameters = $most === null ? [] : ['most' => Money::written($most, $currency)];

        $said = new Sentence("wrong.money.{$code}", $parameters);

        return ValidationException::withMessages([$field => $said->text()]);
    }
}
