<?php

declare(strict_types=1);

namespace App\Processor;

use App\Outbox\NotDelivered;
use RuntimeException;

final class ChargeRefused extends RuntimeException implements NotDelivered
{
    public function isFinal(): bool
    {
        return false;
    }
}
