<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Processor\ChargeRefused;
use App\Processor\Checkout;
use App\Processor\Processor;
use App\Processor\ProcessorPayout;
use App\Processor\ProcessorUnreachable;
use App\Processor\RefundRefused;

/** A processor in memory, whose answers a test decides. */
final class FakeProcessor implements Processor
{
    public string $state = 'open';

    public bool $reachable = true;

    public bool $refunds = true;

    /** A refund waits until it is decided. */
    public bool $decides = false;

    public ?bool $decided = null;

    public string $dispute = '';

    /** @var list<ProcessorPayout> */
    public array $paidOut = [];

    public bool $charges = true;

    /** @var array<string, int> amounts by key */
    public array $refunded = [];

    /** @var array<string, int> amounts by key */
    public array $charged = [];

    public function open(
        string $key,
        int $amount,
        string $currency,
        string $description,
        string $returnUrl,
        bool $keepsCard = false,
    ): Checkout {
        return $this->find("co_{$key}");
    }

    public function find(string $checkout): Checkout
    {
        return $this->reachable
            ? new Checkout($checkout, $this->state, $this->page($checkout), $this->dispute)
            : throw ProcessorUnreachable::because('test');
    }

    public function refund(string $key, string $checkout, int $amount): bool
    {
        if (! $this->refunds) {
            throw new RefundRefused('This payment cannot be refunded.');
        }
        $this->refunded[$key] = $amount;

        return ! $this->decides;
    }

    public function charge(string $key, string $checkout, int $amount): void
    {
        if (! $this->charges) {
            throw new ChargeRefused('This card refuses to be charged.');
        }
        $this->charged[$key] = $amount;
    }

    public function refunded(string $key, string $checkout): ?bool
    {
        return $this->decided;
    }

    public function payouts(string $after): array
    {
        return array_values(
            array_filter($this->paidOut, static fn (ProcessorPayout $payout): bool => $payout->id > $after),
        );
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
