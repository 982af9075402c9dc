<?php

declare(strict_types=1);

namespace App\Messages;

use App\Outbox\NotDelivered;
use RuntimeException;

final class PostFailed extends RuntimeException implements NotDelivered
{
    /** @param  bool  $isFinal whether it would be refused again */
    public function __construct(string $message, private readonly bool $isFinal = false)
    {
        parent::__construct($message);
    }

    public function isFinal(): bool
    {
        return $this->isFinal;
    }
}
