<?php

declare(strict_types=1);

namespace App\Support;

use App\Language\Sentence;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Time\InvalidTime;

/** What the core objects to, as a sentence for people. */
final class CoreSentence
{
    public static function of(InvalidTime|InvalidPrice $wrong): Sentence
    {
        return $wrong instanceof InvalidTime
            ? new Sentence("wrong.time.{$wrong->problem}", ['given' => $wrong->given])
            : new Sentence("wrong.price_of.{$wrong->problem}", $wrong->parameters);
    }
}
