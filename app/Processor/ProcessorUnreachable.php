<?php

declare(strict_types=1);

namespace App\Processor;

use App\Outbox\NotDelivered;
use RuntimeException;

/** The payment processor does not answer. Nobody waits for it: the worker tries again. */
final class ProcessorUnreachable extends RuntimeException implements NotDelivered
{
    public function isFinal(): bool
    {
        return false;
    }

    public static function because(string $why): self
    {
        report(new RuntimeException("The payment processor did not answer: {$why}"));

        return new self('history.processor_silent');
    }

    /** Not asked at all, since it did not answer a moment ago; that was reported then. */
    public static function quietly(): self
    {
        return new self('history.processor_silent');
    }
}
