<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\OwnVisit;
use App\Bookings\RecordProgress;
use App\Bookings\Restoring;
use App\Http\Asker;
use App\Support\Clock;
use App\Support\CoreSentence;
use App\Support\Instants;
use App\Support\Refusal;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Says how far a visit is, or undoes what was said. */
final readonly class SayProgress
{
    private const LATEST_MINUTES = 12 * 60;

    public function __construct(private RecordProgress $progress, private BookingCard $card, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $access = Asker::access($request);
        $asked = $request->validate([
            'state' => ['required', Rule::in(['arrived', 'started', 'completed'])],
            'undo' => 'required|boolean',
            'at' => 'nullable|string|max:20',
        ]);
        $at = is_string($asked['at'] ?? null) ? $this->pressed($asked['at']) : null;
        $state = State::from($asked['state']);
        $booking = OwnVisit::of(Asker::business($request), $access, $id);
        $by = $access->user->name;
        $booking = (bool) $asked['undo']
            ? $this->progress->undo($booking, $state, new Restoring($by))
            : ($this->progress)($booking, $state, $by, $at);

        return new JsonResponse($this->card->of($booking));
    }

    /** When it was pressed, where there was no network then; what lies ahead or too far back is not believed. */
    private function pressed(string $at): ?CarbonImmutable
    {
        try {
            $minute = Wall::instant($at);
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
        $ago = $this->clock->minute() - $minute;

        return $ago >= 0 && $ago <= self::LATEST_MINUTES ? Instants::carbon($minute) : null;
    }
}
