<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Refusal;

final class ProcessorUnreachable extends Refusal
{
    public static function because(string $why): self
    {
        report(new \RuntimeException("The payment processor did not answer: {$why}"));

        return new self('The payment service does not answer just now. Your time is still held; try again in a moment.', 424, 'processor_unreachable');
    }
}
