<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Ledger\Checkout;
use App\Ledger\Processor;
use App\Ledger\ProcessorUnreachable;
use App\Ledger\RefundRefused;

/** A processor in memory, whose answers a test decides. */
final class FakeProcessor implements Processor
{
    public string $state = 'open';

    public bool $reachable = true;

    public bool $refunds = true;

    /** @var list<string> */
    public array $refunded = [];

    public function open(string $key, int $amount, string $currency, string $description, string $returnUrl): Checkout
    {
        return $this->find("co_{$key}");
    }

    public function find(string $checkout): Checkout
    {
        return $this->reachable ? new Checkout($checkout, $this->state, $this->page($checkout)) : throw ProcessorUnreachable::because('test');
    }

    public function refund(string $key, string $checkout): void
    {
        if (! $this->refunds) {
            throw new RefundRefused('This payment cannot be refunded.');
        }
        $this->refunded[$key] = $checkout;
    }

    public function page(string $checkout): string
    {
        return "http://pay.example/{$checkout}";
    }

    public function sealed(string $body, string $seal): bool
    {
        return $seal === 'good';
    }
}
