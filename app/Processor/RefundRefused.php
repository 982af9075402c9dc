<?php

declare(strict_types=1);

namespace App\Processor;

use App\Outbox\NotDelivered;
use RuntimeException;

final class RefundRefused extends RuntimeException implements NotDelivered
{
    public function isFinal(): bool
    {
        return true;
    }
}
