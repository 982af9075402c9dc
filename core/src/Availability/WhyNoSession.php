<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function in_array;

/** T19 for services of kind session: they are only offered as they were scheduled (T15). */
final readonly class WhyNoSession
{
    public function __construct(private RuleBook $book, private Diary $diary)
    {
    }

    /** @return non-empty-list<Verdict> */
    public function verdicts(Service $service, Ask $ask, int $at): array
    {
        $general = [...WhyNot::party($service, $ask), ...Reach::reasons($this->book->zone, $service, $ask, $at)];
        $taken = $this->diary->seatsTaken($ask->now);
        $verdicts = [];
        foreach ($this->diary->sessions as $session) {
            if (
                $session->service !== $service->id ||
                $session->start !== $at ||
                ($ask->staff !== null && ! in_array($ask->staff, $session->staff, true)) ||
                ($ask->location !== null && $session->location !== $ask->location)
            ) {
                continue;
            }
            $left = $session->places - ($taken[$session->id] ?? 0);
            $cause = new Cause(CauseKind::Session, $session->id);
            $reasons = $general;
            if ($session->cancelled) {
                $reasons[] = new Reason('T15', Obstacle::SessionCancelled, $cause);
            }
            if ($left < $ask->party) {
                $reasons[] = new Reason('T15', Obstacle::SessionPlaces, $cause, [
                    'left' => $left,
                    'places' => $session->places,
                    'party' => $ask->party,
                ]);
            }
            $verdicts[] = new Verdict($session->location, $session->staff, $reasons);
        }

        return $verdicts !== []
            ? $verdicts
            : [
                new Verdict($ask->location, $ask->staff === null ? [] : [$ask->staff], [
                    new Reason('T15', Obstacle::NoSession, new Cause(CauseKind::Service, $service->id), [
                        'from' => $at,
                        'wished' => $ask->staff !== null || $ask->location !== null,
                    ]),
                ]),
            ];
    }
}
