<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Models\Business;
use App\Roster\Setup;
use App\Roster\WeeklyTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SetOpeningHours
{
    public function __construct(private Setup $setup)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);
        $request->validate(['openingHours' => ['present', new WeeklyTable]]);
        $business->update(['opening_hours' => $request->input('openingHours')]);

        return new JsonResponse($this->setup->of($business));
    }
}
