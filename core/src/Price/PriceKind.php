<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** P1: how a service says its price. */
enum PriceKind: string
{
    case Fixed = 'fixed';
    case Free = 'free';
    case From = 'from';
    case OnRequest = 'on_request';

    /** Whether the price is settled at the desk: nothing is computed or charged before. */
    public function isSettledLater(): bool
    {
        return $this === self::From || $this === self::OnRequest;
    }
}
