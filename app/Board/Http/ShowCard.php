<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\OwnVisit;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowCard
{
    public function __construct(private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $booking = OwnVisit::of(Asker::business($request), Asker::access($request), $id);

        return new JsonResponse($this->card->of($booking));
    }
}
