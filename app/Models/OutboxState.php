<?php

declare(strict_types=1);

namespace App\Models;

/** What has become of an entry of the outbox. */
enum OutboxState: string
{
    case Waiting = 'waiting';
    case Sent = 'sent';
    /** It is not true any more, or too much for one day: kept to be seen. */
    case Dropped = 'dropped';
    /** Tried as often as is of use. */
    case Failed = 'failed';
}
