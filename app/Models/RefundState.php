<?php

declare(strict_types=1);

namespace App\Models;

/** How far money on its way back has come. */
enum RefundState: string
{
    /** To be sent. */
    case Waiting = 'waiting';
    /** With the processor, who has not decided yet. */
    case Pending = 'pending';
    case Done = 'done';
    /** Refused: somebody must try again, or give it back another way. */
    case Failed = 'failed';
    /** Stopped before it left: what it was for was taken back. */
    case Stopped = 'stopped';
    /** Given back another way instead. */
    case Replaced = 'replaced';

    public const UNDERWAY = [self::Waiting, self::Pending, self::Failed];
}
