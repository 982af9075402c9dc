<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

use function array_filter;
use function array_values;
use function count;

/**
 * T19: which parts of T4 keep an appointment from lying within one stretch of open time (T5). Each part is asked by
 * itself: the appointment lies within their intersection exactly when it lies within each of them.
 */
final readonly class Hindrance
{
    private Timeline $appointment;

    private int $day;

    private int $end;

    public function __construct(private Ground $ground, private int $at)
    {
        $this->end = $at + $ground->minutes;
        $this->appointment = Timeline::between($at, $this->end);
        $this->day = $ground->book->zone->day($at);
    }

    /**
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    public function of(?Location $location, array $crew): array
    {
        [$open, $book, $service] = [$this->ground->open, $this->ground->book, $this->ground->service];
        $reasons = $this->outside(
            $open->opening(),
            $this->by($book->openingHours, CauseKind::OpeningHours, CauseKind::SpecialDay),
            $book->openingHours->on($this->day),
        );
        if ($location?->hours !== null) {
            $cause = $this->by(
                $location->hours,
                CauseKind::HoursOfLocation,
                CauseKind::SpecialDayOfLocation,
                $location->id,
            );
            array_push(
                $reasons,
                ...$this->outside(
                    $open->ofLocation($location) ?? $open->opening(),
                    $cause,
                    $location->hours->on($this->day),
                ),
            );
        }
        if ($service->hours !== null) {
            array_push(
                $reasons,
                ...$this->outside(
                    $open->ofService($service) ?? $open->opening(),
                    new Cause(CauseKind::HoursOfService, $service->id),
                    $service->hours->on($this->day),
                ),
            );
        }
        foreach ($crew as $member) {
            array_push($reasons, ...$this->ofMember($member, $location));
        }

        return [...$reasons, ...$this->closures($crew), ...$this->dates()];
    }

    /** @return list<Reason> */
    private function ofMember(Member $member, ?Location $location): array
    {
        $reasons = [];
        if ($member->weekly !== null || $member->special !== []) {
            $own = new Hours($member->weekly ?? [], $member->special);
            $follows = $member->weekly === null && ! $own->hasSpecialDay($this->day);
            $windows = array_values(
                array_filter(
                    $follows ? $this->ground->book->openingHours->on($this->day) : $own->on($this->day),
                    static fn (Window $window): bool => $window->at === null || $window->at === $location?->id,
                ),
            );
            $cause = $this->by(
                $own,
                CauseKind::HoursOfMember,
                CauseKind::SpecialDayOfMember,
                $member->id,
            );
            $reasons = $this->outside(
                $this->ground->open->own($member, $location ?? new Location('', '')),
                $cause,
                $windows,
            );
        }
        $breaks = $this->ground->open->breaks($member)->intersect($this->appointment)->stretches();

        return $breaks === []
            ? $reasons
            : [
                ...$reasons,
                new Reason('T5', Obstacle::Break, new Cause(CauseKind::BreakOfMember, $member->id), [
                    'member' => $member->id,
                    'from' => $breaks[0][0],
                    'until' => $breaks[count($breaks) - 1][1],
                    'stretches' => $breaks,
                ]),
            ];
    }

    /**
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function closures(array $crew): array
    {
        $reasons = [];
        foreach ($this->ground->book->closures as $closure) {
            $named =
                $closure->staff === null ||
                array_filter($crew, static fn (Member $member): bool => $closure->names($member->id)) !== [];
            if ($named && $this->touches($closure->span)) {
                $reasons[] = new Reason('T5', Obstacle::Closed, new Cause(CauseKind::Closure, $closure->id), [
                    'from' => $closure->span->interval->start ?? 0,
                    'until' => $closure->span->interval->end ?? 0,
                ]);
            }
        }

        return $reasons;
    }

    private function touches(WallSpan $span): bool
    {
        return $span->interval !== null && $span->interval->start < $this->end && $this->at < $span->interval->end;
    }

    /** @return list<Reason> the service's own dates and dayparts */
    private function dates(): array
    {
        $service = $this->ground->service;
        $reasons = [];
        if ($service->availableFrom !== null && $this->day < $service->availableFrom) {
            $reasons[] = new Reason('T5', Obstacle::NotYet, new Cause(CauseKind::AvailableFrom, $service->id), [
                'day' => $service->availableFrom,
            ]);
        }
        if ($service->availableUntil !== null && $this->day > $service->availableUntil) {
            $reasons[] = new Reason('T5', Obstacle::NoLonger, new Cause(CauseKind::AvailableUntil, $service->id), [
                'day' => $service->availableUntil,
            ]);
        }
        if (! $this->ground->parts->covers($this->at)) {
            $reasons[] = new Reason('T5', Obstacle::OtherPart, new Cause(CauseKind::Dayparts, $service->id), [
                'parts' => $service->dayparts,
            ]);
        }

        return $reasons;
    }

    /**
     * @param  list<Window>  $windows of that date
     * @return list<Reason>
     */
    private function outside(Timeline $part, Cause $cause, array $windows): array
    {
        return $this->appointment->subtract($part)->isEmpty()
            ? []
            : [
                new Reason('T5', Obstacle::Outside, $cause, [
                    'from' => $this->at,
                    'until' => $this->end,
                    'day' => $this->day,
                    'windows' => $windows,
                ]),
            ];
    }

    private function by(Hours $hours, CauseKind $weekly, CauseKind $special, string $id = ''): Cause
    {
        return $hours->hasSpecialDay($this->day)
            ? new Cause($special, $id, $this->day)
            : new Cause($weekly, $id);
    }
}
