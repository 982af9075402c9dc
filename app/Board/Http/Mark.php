<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Access\Act;
use App\Board\BookingCard;
use App\Board\OwnVisit;
use App\Bookings\MarkVisit;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Booking\State;

/** Says how far a visit is, or undoes what was said. */
final readonly class Mark
{
    public function __construct(private MarkVisit $mark, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $access = Asker::access($request);
        $asked = $request->validate([
            'state' => ['required', Rule::in(['arrived', 'started', 'completed', 'no_show'])],
            'undo' => 'required|boolean',
        ]);
        $state = State::from($asked['state']);
        if ($state === State::NoShow) {
            $access->authorize(Act::ChangeBookings);
        }
        $booking = OwnVisit::of(Asker::business($request), $access, $id);
        $by = $access->user->name;
        $booking = (bool) $asked['undo']
            ? $this->mark->undo($booking, $state, $by)
            : ($this->mark)($booking, $state, $by);

        return new JsonResponse($this->card->of($booking));
    }
}
