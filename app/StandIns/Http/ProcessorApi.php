<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use App\StandIns\ProcessorMoney;
use App\StandIns\ProcessorStandIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** The processor's own API, for shops that hold the secret. */
final readonly class ProcessorApi
{
    public function __construct(private ProcessorStandIn $processor, private ProcessorMoney $money)
    {
    }

    public function open(Request $request): JsonResponse
    {
        $this->admit($request);
        /**
         * @var array{
         *     key: string, amount: int, currency: string, description: string, return_url: string, notify_url: string,
         *     keeps_card: bool,
         * } $asked
         */
        $asked = $request->validate([
            'key' => 'required|string|max:120',
            'amount' => 'required|integer|min:0',
            'keeps_card' => 'required|boolean',
            'currency' => 'required|string|size:3',
            'description' => 'required|string|max:300',
            'return_url' => 'required|url|max:1000',
            'notify_url' => 'required|url|max:1000',
        ]);

        return $this->told($this->processor->open($asked));
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $this->admit($request);

        return $this->told($this->processor->find($id));
    }

    /** 202: it is not decided yet. */
    public function refund(Request $request, string $id): JsonResponse
    {
        $this->admit($request);
        $state = $this->processor->refund($id, $request->string('key')->value(), $request->integer('amount'));

        return $state === 'failed'
            ? new JsonResponse(['message' => 'This payment cannot be refunded.'], 409)
            : $this->told($this->processor->find($id))->setStatusCode($state === 'pending' ? 202 : 200);
    }

    public function refunded(Request $request, string $id, string $key): JsonResponse
    {
        $this->admit($request);

        return new JsonResponse(['state' => $this->processor->refunded($key)]);
    }

    public function charge(Request $request, string $id): JsonResponse
    {
        $this->admit($request);
        $state = $this->processor->charge($id, $request->string('key')->value(), $request->integer('amount'));

        return $state === 'failed'
            ? new JsonResponse(['message' => 'This card refuses to be charged.'], 409)
            : $this->told($this->processor->find($id));
    }

    public function payouts(Request $request): JsonResponse
    {
        $this->admit($request);

        return new JsonResponse(['payouts' => $this->money->payouts($request->string('after')->value())]);
    }

    private function admit(Request $request): void
    {
        if (! hash_equals(config()->string('yardbell.processor_secret'), (string) $request->bearerToken())) {
            throw new AccessDeniedHttpException();
        }
    }

    private function told(stdClass $checkout): JsonResponse
    {
        $state = $checkout->state === 'second_step' ? 'open' : $checkout->state;

        return new JsonResponse([
            'id' => $checkout->id,
            'state' => $state,
            'dispute' => $checkout->dispute,
            'amount' => $checkout->amount,
            'refunded' => $this->money->moved($checkout->id, 'refund'),
            'charged' => $this->money->moved($checkout->id, 'charge'),
        ]);
    }
}
