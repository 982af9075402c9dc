<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\MoveTried;
use App\Http\Asker;
use App\Models\Booking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What would become of a booking that is moved; nothing is. */
final readonly class TryMove
{
    public function __construct(private MoveAsked $asked, private MoveTried $tried)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = Booking::query()->where('business_id', $business->id)->findOrFail($id);
        $given = MoveAsked::given($request);
        $to = $this->asked->destination($business, $access, $booking, $given);

        return new JsonResponse($this->tried->of(
            business: $business,
            access: $access,
            booking: $booking,
            to: $to,
            later: $given->bool('later'),
            each: MoveAsked::each($given),
        ));
    }
}
