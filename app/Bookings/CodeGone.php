<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Support\Refusal;

/** A code that something was held with does not count for it any more. */
final class CodeGone extends Refusal
{
    /** @param  string  $why code of the reason (rules.md P7) */
    public function __construct(string $named, string $why)
    {
        parent::__construct(
            new Sentence('refusal.code.not_for_you', ['code' => $named, 'why' => $why]),
            409,
            'code_refused',
        );
    }
}
