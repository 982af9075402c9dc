<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Models\Id;
use App\Models\Session;
use App\Sessions\GatheringAsked;
use App\Sessions\Schedule;
use App\Support\Checks;
use App\Support\Given;
use App\Times\RulesReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Time\Wall;

/** Schedules sessions at the dates that were chosen: all, or none. */
final readonly class ScheduleSessions
{
    public function __construct(private RulesReader $rules, private Schedule $schedule)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [
                ...GatheringAsked::rules(),
                'series' => ['required', 'string', 'regex:'.Id::ULID],
                'starts' => 'required|list|min:1|max:'.RepeatRule::MOST,
                'starts.*' => ['distinct', Checks::instant()],
            ],
            [...GatheringAsked::sentences(), 'starts' => 'wrong.session.starts', 'starts.*' => 'wrong.session.starts'],
        ));
        $starts = array_map(Wall::instant(...), $given->strings('starts'));
        assert($starts !== []);
        $sessions = ($this->schedule)(
            business: $business,
            series: Id::of($given->string('series')),
            gathering: GatheringAsked::of($this->rules->book($business), $given),
            starts: $starts,
            by: Asker::access($request)->user->name,
        );

        return new JsonResponse([
            'sessions' => array_map(static fn (Session $session): string => $session->id, $sessions),
        ], 201);
    }
}
