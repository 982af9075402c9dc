<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Occasion;

/** What a calendar is to do with an event it is given (RFC 5546). */
enum CalendarMethod: string
{
    case Publish = 'PUBLISH';
    case Request = 'REQUEST';
    case Cancel = 'CANCEL';

    /** null: a mail of this occasion comes without one */
    public static function for(Occasion $occasion): ?self
    {
        return match ($occasion) {
            Occasion::Booked, Occasion::Moved, Occasion::Changed, Occasion::Restored => self::Request,
            Occasion::Cancelled => self::Cancel,
            default => null,
        };
    }
}
