<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Access\Access;
use App\Models\Business;
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
        $business = $request->attributes->get('business');
        $access = $request->attributes->get('access');
        assert($business instanceof Business && $access instanceof Access);

        return new JsonResponse($this->setup->of($business, $access));
    }
}
