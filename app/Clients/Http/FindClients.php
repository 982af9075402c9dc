<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\ClientList;
use App\Http\Asker;
use App\Support\Clock;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Clients by a part of their name, mail or number. */
final readonly class FindClients
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $text = Given::in($request->validate(['text' => 'nullable|string|max:120']))->stringIf('text') ?? '';

        return new JsonResponse(['clients' => ClientList::of($business, trim($text), $this->clock->now())]);
    }
}
