<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\OtherVisits;
use App\Board\OwnVisit;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowOtherVisits
{
    public function __construct(private OtherVisits $visits)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        [$business, $access] = [Asker::business($request), Asker::access($request)];
        $booking = OwnVisit::of($business, $access, $id);

        return new JsonResponse(['visits' => $this->visits->of($business, $access, $booking)]);
    }
}
