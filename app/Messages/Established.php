<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Business;
use App\Models\Client;
use App\Models\Payment;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Support\Clock;

/**
 * Whether a business has shown that it is one: it is some time here, and clients have paid it online or have opened its
 * mails. Until then it writes to those alone who wanted something of it.
 */
final readonly class Established
{
    public const DAYS = 14;

    public const PAYMENTS = 5;

    public const PROVEN_CLIENTS = 10;

    public function __construct(private Clock $clock)
    {
    }

    public function is(Business $business): bool
    {
        return $business->created_at <= $this->clock->now()->subDays(self::DAYS) &&
            ($this->isPaid($business) || $this->isRead($business));
    }

    private function isPaid(Business $business): bool
    {
        return Payment::query()
            ->where('business_id', $business->id)
            ->where('method', PaymentMethod::Processor)
            ->where('state', PaymentState::Paid)
            ->distinct()
            ->count('sale_id') >= self::PAYMENTS;
    }

    private function isRead(Business $business): bool
    {
        return Client::query()
            ->where('business_id', $business->id)
            ->whereNotNull('proven_at')
            ->count() >= self::PROVEN_CLIENTS;
    }
}
