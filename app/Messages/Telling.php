<?php

declare(strict_types=1);

namespace App\Messages;

/** Who is mailed of what the house does. */
enum Telling
{
    case Everybody;
    /** Of many at once, whose house knows it as a whole. */
    case ClientAlone;
    /** Those who take it, and the owners; not the client. */
    case House;
    /** Nobody yet: whoever does more with it tells of all of it. */
    case Nobody;

    /** As "Tell them" is ticked. */
    public static function client(bool $told): self
    {
        return $told ? self::Everybody : self::House;
    }
}
