<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Roster\Trades;
use Illuminate\Http\JsonResponse;

/** What a new business may begin with. */
final class ShowTrades
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['trades' => Trades::all()]);
    }
}
