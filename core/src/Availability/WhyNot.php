<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use function array_filter;
use function array_map;
use function array_values;
use function in_array;

/** T19: for one service and instant, who could take it where, and every rule that stands in the way of each. */
final class WhyNot
{
    /** Of the question last asked: many starts of a date are asked about one after the other. */
    private ?Ground $ground = null;

    /** @param  bool  $asksResting whether those who rest are named as well where nobody is wished */
    public function __construct(
        private readonly RuleBook $book,
        private readonly Diary $diary,
        private readonly bool $asksResting = true,
    ) {
    }

    /**
     * @param  Ask  $ask of the local date of $at alone
     * @param  int  $at instant
     * @return non-empty-list<Verdict>
     */
    public function verdicts(Ask $ask, int $at): array
    {
        $service = $this->book->services[$ask->service];
        if ($service->hasSessions) {
            return (new WhyNoSession($this->book, $this->diary))->verdicts($service, $ask, $at);
        }
        $named = $service->lengths?->named($ask->minutes);
        $minutes = ($named ?? ($ask->minutes ?? 0)) + $ask->extra;
        $general = $this->general($service, $ask, $named);
        if ($this->ground === null || $this->ground->ask !== $ask) {
            $this->ground = new Ground(
                book: $this->book,
                diary: $this->diary,
                service: $service,
                ask: $ask,
                minutes: $minutes,
            );
        }
        $ground = $this->ground;
        $obstacles = new Obstacles($ground, $at);
        $verdicts = [];
        foreach ($this->locations($service, $ask) as $location) {
            foreach ($this->crews($service, $ask) as $crew) {
                $reasons = $this->assigned($service, $location, $crew)
                    ?: [...$general, ...$obstacles->of($location, $crew)];
                $verdicts[] = new Verdict(
                    $location?->id,
                    array_map(static fn (Member $member): string => $member->id, $crew),
                    $reasons === [] && $location !== null ? $this->gaps($ground, $location, $crew, $at) : $reasons,
                );
            }
        }

        return $verdicts;
    }

    /**
     * T21: what would be lost with a row that nothing else stands in the way of, where it is left out for it.
     *
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function gaps(Ground $ground, Location $location, array $crew, int $at): array
    {
        if ($crew === [] || $this->book->tightDays !== TightDays::Only || $ground->ask->relaxed->isAny()) {
            return [];
        }
        $search = new SlotSearch($this->book, $this->diary);
        foreach ($search->slots($ground->ask->by($crew[0]->id)->at($location->id)) as $row) {
            if ($row->start === $at) {
                return [];
            }
        }
        $lost = $ground->gaps->lost($crew, $location, $at);

        return [new Reason('T21', Obstacle::Gap, new Cause(CauseKind::TightDays), ['lost' => $lost])];
    }

    /** @return list<Reason> what holds whoever would take it */
    private function general(Service $service, Ask $ask, ?int $named): array
    {
        $reasons = self::party($service, $ask);
        if ($named === null) {
            $reasons[] = new Reason('T17', Obstacle::Length, self::cause($service), ['minutes' => (int) $ask->minutes]);
        }

        return $reasons;
    }

    /** @return list<Reason> T13 */
    public static function party(Service $service, Ask $ask): array
    {
        $largest = $service->largestParty();

        return $largest === null || $ask->party <= $largest
            ? []
            : [
                new Reason('T13', Obstacle::Party, self::cause($service), ['party' => $ask->party, 'most' => $largest]),
            ];
    }

    private static function cause(Service $service): Cause
    {
        return new Cause(CauseKind::Service, $service->id);
    }

    /** @return non-empty-list<Location|null> */
    private function locations(Service $service, Ask $ask): array
    {
        $ids = $ask->location !== null ? [$ask->location] : $service->locations;

        return $ids === [] ? [null] : array_map(fn (string $id): Location => $this->book->locations[$id], $ids);
    }

    /**
     * @return non-empty-list<list<Member>> those who would take it together or each on their own; the resting ones too,
     *   to say so
     */
    private function crews(Service $service, Ask $ask): array
    {
        $members = array_map(fn (string $id): Member => $this->book->staff[$id], $service->staff);
        $together = array_values(array_filter($members, static fn (Member $member): bool => $member->active));
        $crews =
            $service->assignment === Assignment::All && $together !== []
                ? [$together]
                : array_map(
                    static fn (Member $member): array => [$member],
                    $this->asksResting || $ask->staff !== null ? $members : $together,
                );
        if ($ask->staff !== null) {
            $crews = array_values(
                array_filter($crews, fn (array $crew): bool => in_array($this->book->staff[$ask->staff], $crew, true)),
            );
        }

        return match (true) {
            $crews !== [] => $crews,
            $ask->staff !== null => [[$this->book->staff[$ask->staff]]],
            default => [[]],
        };
    }

    /**
     * T16: only active staff assigned to the service, at one of its locations. What breaks it breaks nothing else.
     *
     * @param  list<Member>  $crew
     * @return list<Reason>
     */
    private function assigned(Service $service, ?Location $location, array $crew): array
    {
        $reasons = [];
        if ($location === null) {
            $reasons[] = new Reason('T16', Obstacle::NoLocation, self::cause($service));
        } elseif (! in_array($location->id, $service->locations, true)) {
            $reasons[] = new Reason('T16', Obstacle::NotThere, new Cause(CauseKind::Location, $location->id));
        }
        if ($crew === []) {
            $reasons[] = new Reason('T16', Obstacle::Nobody, self::cause($service));
        }
        foreach ($crew as $member) {
            $cause = new Cause(CauseKind::Member, $member->id);
            if (! in_array($member->id, $service->staff, true)) {
                $reasons[] = new Reason('T16', Obstacle::NotAssigned, $cause, ['member' => $member->id]);
            }
            if (! $member->active) {
                $reasons[] = new Reason('T16', Obstacle::Resting, $cause, ['member' => $member->id]);
            }
        }

        return $reasons;
    }
}
