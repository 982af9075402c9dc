<?php

declare(strict_types=1);

namespace App\Models;

/** Whom an entry of the outbox goes to. */
enum Audience: string
{
    case Client = 'client';
    case Staff = 'staff';
    case Owner = 'owner';
    /** Somebody who signs in, or is asked to. */
    case Account = 'account';
    case Processor = 'processor';
}
