<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\GateQuote;
use App\Gate\Published;
use App\Gate\ReadChoice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class AskQuote
{
    public function __construct(private Published $published, private GateQuote $quote, private ReadChoice $read)
    {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $service = $request->string('service')->value();
        $business = $this->published->offering($slug, $service);

        return new JsonResponse($this->quote->of($business, ($this->read)($request, $business, $service)));
    }
}
