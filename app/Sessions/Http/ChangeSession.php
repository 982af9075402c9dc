<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Session;
use App\Sessions\CancelSessions;
use App\Sessions\ChangeSessions;
use App\Sessions\GatheringAsked;
use App\Sessions\PlannedChange;
use App\Sessions\SessionDates;
use App\Sessions\SessionSheet;
use App\Support\Checks;
use App\Support\Given;
use App\Times\RulesReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Booking\Gathering;
use YardBell\Core\Time\Wall;

/** Changes a session, or it and all later ones of its series. */
final readonly class ChangeSession
{
    public function __construct(
        private RulesReader $rules,
        private ChangeSessions $change,
        private SessionDates $dates,
        private SessionSheet $sheet,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $session = SessionOf::request($request, $id);
        $given = self::given($request);
        ($this->change)(
            business: $business,
            session: $session,
            gathering: $this->gathering($business, $session, $given),
            wall: Wall::dateTime($given->string('at')),
            later: $given->bool('later'),
            told: ! $given->has('told') || $given->bool('told'),
            by: Asker::access($request)->user->name,
            seen: $given->stringIf('seen'),
        );

        return new JsonResponse($this->sheet->of($business, $session->refresh()));
    }

    /** What would become of each, and whom it would concern; nothing is done. */
    public function tried(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $session = SessionOf::request($request, $id);
        $given = self::given($request);
        $gathering = $this->gathering($business, $session, $given);
        $plan = $this->change->tried(
            business: $business,
            session: $session,
            gathering: $gathering,
            wall: Wall::dateTime($given->string('at')),
            later: $given->bool('later'),
        );
        $booked = Booking::query()
            ->where('business_id', $business->id)
            ->whereIn('session_id', array_map(static fn (PlannedChange $one): string => $one->session->id, $plan))
            ->whereIn('state', CancelSessions::states())
            ->pluck('party');

        return new JsonResponse([
            'dates' => array_map(
                fn (PlannedChange $one): array => [
                    'id' => $one->session->id,
                    ...$this->dates->date($business, Asker::access($request), $gathering, $one->date),
                    'over' => max(0, $one->taken - $gathering->places),
                ],
                $plan,
            ),
            'bookings' => $booked->count(),
            'people' => $booked->sum(),
        ]);
    }

    private function gathering(Business $business, Session $session, Given $given): Gathering
    {
        return GatheringAsked::of(
            $this->rules->book($business),
            Given::in(['service' => $session->service_id] + $given->all()),
        );
    }

    private static function given(Request $request): Given
    {
        return Given::in($request->validate(
            [
                ...array_diff_key(GatheringAsked::rules(), ['service' => true]),
                'at' => ['required', Checks::wall()],
                'later' => 'nullable|boolean',
                'told' => 'nullable|boolean',
                'seen' => 'nullable|string|max:40',
            ],
            GatheringAsked::sentences(),
        ));
    }
}
