<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Roster\Trades;
use Illuminate\Http\JsonResponse;

/** What a new business may begin with. */
final readonly class ShowTrades
{
    public function __construct(private Trades $trades)
    {
    }

    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['trades' => $this->trades->all()]);
    }
}
