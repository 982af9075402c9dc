<?php

declare(strict_types=1);

namespace App\Processor;

use App\Support\Circuit;
use App\Support\Clock;
use App\Support\Given;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;

/** Talks to a processor over HTTP: with short limits, and not at all while it does not answer. */
final readonly class HttpProcessor implements Processor
{
    private const CONNECT_SECONDS = 1;

    private const TIMEOUT_SECONDS = 4;

    /** A notice that is older is not heard: whoever has kept one cannot send it again. */
    private const SEAL_SECONDS = 300;

    public function __construct(
        private Factory $http,
        private Circuit $circuit,
        private string $address,
        private string $secret,
        private string $noticeUrl,
        private Clock $clock,
    ) {
    }

    public function open(
        string $key,
        int $amount,
        string $currency,
        string $description,
        string $returnUrl,
        bool $keepsCard = false,
    ): Checkout {
        return $this->checkout(
            $this->ask('checkouts', [
                'key' => $key,
                'amount' => $amount,
                'currency' => $currency,
                'description' => $description,
                'return_url' => $returnUrl,
                'notify_url' => $this->noticeUrl,
                'keeps_card' => $keepsCard,
            ]),
        );
    }

    public function find(string $checkout): Checkout
    {
        return $this->checkout($this->ask("checkouts/{$checkout}"));
    }

    public function refund(string $key, string $checkout, int $amount): bool
    {
        $answer = $this->ask("checkouts/{$checkout}/refunds", ['key' => $key, 'amount' => $amount]);
        if ($answer->status() === 409) {
            throw new RefundRefused(Given::in($answer->json())->string('message'));
        }
        $this->checkout($answer);

        return $answer->status() !== 202;
    }

    public function charge(string $key, string $checkout, int $amount): void
    {
        $answer = $this->ask("checkouts/{$checkout}/charges", ['key' => $key, 'amount' => $amount]);
        if ($answer->status() === 409) {
            throw new ChargeRefused(Given::in($answer->json())->string('message'));
        }
        $this->checkout($answer);
    }

    public function refunded(string $key, string $checkout): ?bool
    {
        return match ($this->ask("checkouts/{$checkout}/refunds/{$key}")->json('state')) {
            'done' => true,
            'failed' => false,
            default => null,
        };
    }

    public function payouts(string $after): array
    {
        $answer = $this->ask('payouts?'.http_build_query(['after' => $after]));

        return array_map(
            static fn (Given $payout): ProcessorPayout => new ProcessorPayout(
                $payout->string('id'),
                CarbonImmutable::parse($payout->string('at')),
                array_map(
                    static fn (Given $item): array => [
                        'checkout' => $item->string('checkout'),
                        'amount' => $item->int('amount'),
                        'fee' => $item->int('fee'),
                    ],
                    $payout->each('items'),
                ),
            ),
            Given::in($answer->json())->each('payouts'),
        );
    }

    public function page(string $checkout): string
    {
        return $this->url("pay/{$checkout}");
    }

    public function sealed(string $body, string $seal): bool
    {
        if (preg_match('/^t=(\d{1,12}),v=([0-9a-f]{64})\z/', $seal, $part) !== 1) {
            return false;
        }
        $age = abs($this->clock->machine()->getTimestamp() - (int) $part[1]);

        return $age <= self::SEAL_SECONDS &&
            hash_equals(hash_hmac('sha256', "{$part[1]}.{$body}", $this->secret), $part[2]);
    }

    /**
     * @param  array<string, mixed>|null  $body null: it is only asked
     *
     * @throws ProcessorUnreachable
     */
    private function ask(string $path, ?array $body = null): Response
    {
        return $this->circuit->through(
            'processor',
            function () use ($path, $body): Response {
                try {
                    $answer =
                        $body === null
                            ? $this->request()->get($this->url($path))
                            : $this->request()->post($this->url($path), $body);
                } catch (ConnectionException $wrong) {
                    throw ProcessorUnreachable::because($wrong->getMessage());
                }

                return $answer->serverError()
                    ? throw ProcessorUnreachable::because("status {$answer->status()}")
                    : $answer;
            },
            static fn (): ProcessorUnreachable => ProcessorUnreachable::quietly(),
        );
    }

    private function request(): PendingRequest
    {
        return $this->http
            ->withToken($this->secret)
            ->connectTimeout(self::CONNECT_SECONDS)
            ->timeout(self::TIMEOUT_SECONDS);
    }

    private function url(string $path): string
    {
        return "{$this->address}/stand-ins/processor/{$path}";
    }

    private function checkout(Response $answer): Checkout
    {
        $id = $answer->json('id');
        $state = $answer->json('state');
        if (! $answer->successful() || ! is_string($id) || ! is_string($state)) {
            throw ProcessorUnreachable::because("status {$answer->status()}");
        }

        $dispute = $answer->json('dispute');

        return new Checkout($id, $state, $this->page($id), is_string($dispute) ? $dispute : '');
    }
}
