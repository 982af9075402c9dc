<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Http\Asker;
use App\Roster\Setup;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowSetup
{
    public function __construct(private Setup $setup)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);

        return new JsonResponse($this->setup->of($business, $access));
    }
}
