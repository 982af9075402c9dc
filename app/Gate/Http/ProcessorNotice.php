<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Payments\Notices;
use App\Processor\Processor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The processor says that something happened to a checkout. It is kept, and the worker asks the processor itself what
 * happened.
 */
final readonly class ProcessorNotice
{
    public function __construct(private Processor $processor, private Notices $notices)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        if (! $this->processor->sealed($request->getContent(), (string) $request->headers->get('X-Processor-Seal'))) {
            throw new NotFoundHttpException();
        }
        $told = json_decode($request->getContent(), true);
        $checkout = is_array($told) ? $told['checkout'] ?? null : null;
        if (! is_string($checkout)) {
            throw new NotFoundHttpException();
        }
        $this->notices->heard($checkout);

        return new JsonResponse(['heard' => true]);
    }
}
