<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Support\Circuit;
use App\Support\Given;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;

/** Talks to a processor over HTTP: with short limits, and not at all while it does not answer. */
final readonly class HttpProcessor implements Processor
{
    private const CONNECT_SECONDS = 1;

    private const TIMEOUT_SECONDS = 4;

    public function __construct(
        private Factory $http,
        private Circuit $circuit,
        private string $address,
        private string $secret,
        private string $noticeUrl,
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

    public function page(string $checkout): string
    {
        return $this->url("pay/{$checkout}");
    }

    public function sealed(string $body, string $seal): bool
    {
        return hash_equals(hash_hmac('sha256', $body, $this->secret), $seal);
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

        return new Checkout($id, $state, $this->page($id));
    }
}
