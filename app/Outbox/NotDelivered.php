<?php

declare(strict_types=1);

namespace App\Outbox;

use Throwable;

/** What is outside did not take it: known trouble, tried again later unless that would never help. */
interface NotDelivered extends Throwable
{
    public function isFinal(): bool;
}
