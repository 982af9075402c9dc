<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class ShowCard
{
    public function __construct(private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = $business->bookings()->findOrFail($id);
        if ($access->ownLane() !== null && ! $booking->isWith($access->ownLane())) {
            throw new NotFoundHttpException;
        }

        return new JsonResponse($this->card->of($booking));
    }
}
