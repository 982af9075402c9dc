<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Processor\ChargeRefused;
use App\Processor\Checkout;
use App\Processor\Processor;
use App\Processor\RefundRefused;
use App\StandIns\ProcessorStandIn;

/** The processor's stand-in without a wire between: what it keeps stays, whoever dies while asking it. */
final readonly class NearProcessor implements Processor
{
    public function __construct(private ProcessorStandIn $standIn)
    {
    }

    public function open(
        string $key,
        int $amount,
        string $currency,
        string $description,
        string $returnUrl,
        bool $keepsCard = false,
    ): Checkout {
        $asked = $this->standIn->open([
            'key' => $key,
            'amount' => $amount,
            'currency' => $currency,
            'description' => $description,
            'return_url' => $returnUrl,
            'notify_url' => 'http://shop.example/n',
            'keeps_card' => $keepsCard,
        ]);

        return $this->find($asked->id);
    }

    public function find(string $checkout): Checkout
    {
        return new Checkout($checkout, $this->standIn->find($checkout)->state, $this->page($checkout));
    }

    public function refund(string $key, string $checkout, int $amount): bool
    {
        return match ($this->standIn->refund($checkout, $key, $amount)) {
            'failed' => throw new RefundRefused('refused'),
            'pending' => false,
            default => true,
        };
    }

    public function refunded(string $key, string $checkout): ?bool
    {
        return ['done' => true, 'failed' => false][$this->standIn->refunded($key)] ?? null;
    }

    public function payouts(string $after): array
    {
        return [];
    }

    public function charge(string $key, string $checkout, int $amount): void
    {
        if ($this->standIn->charge($checkout, $key, $amount) === 'failed') {
            throw new ChargeRefused('refused');
        }
    }

    public function page(string $checkout): string
    {
        return "http://pay.example/{$checkout}";
    }

    public function sealed(string $body, string $seal): bool
    {
        return true;
    }
}
