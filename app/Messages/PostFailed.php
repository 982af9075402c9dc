<?php

declare(strict_types=1);

namespace App\Messages;

use App\Outbox\NotDelivered;
use RuntimeException;

final class PostFailed extends RuntimeException implements NotDelivered
{
    public function isFinal(): bool
    {
        return false;
    }
}
