<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Ledger\Processor;
use App\Ledger\SettlePayment;
use App\Models\Payment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The processor says that something happened to a checkout. What happened is asked of the processor itself. */
final readonly class ProcessorNotice
{
    public function __construct(private Processor $processor, private SettlePayment $settle)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        if (! $this->processor->sealed($request->getContent(), (string) $request->header('X-Processor-Seal'))) {
            throw new NotFoundHttpException;
        }
        $checkout = json_decode($request->getContent(), true);
        $payment = is_array($checkout) ? Payment::query()->where('checkout', $checkout['checkout'] ?? '')->first() : null;
        if ($payment !== null) {
            ($this->settle)($payment);
        }

        return new JsonResponse(['heard' => true]);
    }
}
