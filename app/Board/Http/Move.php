<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\MoveBooking;
use App\Http\Asker;
use App\Support\CoreSentence;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

final readonly class Move
{
    public function __construct(private MoveBooking $move, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $asked = $request->validate([
            'start' => 'required|string|max:20',
            'staff' => 'nullable|array|list|min:1|max:200',
            'staff.*' => 'string|max:26',
        ]);
        try {
            $start = Wall::instant($asked['start']);
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }

        return new JsonResponse(
            $this->card->of(($this->move)($business, $id, $start, $asked['staff'] ?? null, $access->user->name)),
        );
    }
}
