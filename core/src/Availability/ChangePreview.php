<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_diff_key;
use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
use function in_array;
use function intdiv;
use function max;
use function sort;
use function spl_object_id;
use function strval;

/**
 * What a change of the rules does on a range of dates: which starts open and which close, and which bookings no longer
 * lie in open time. The bookings stay what they are; both rule books are asked with the same diary.
 */
final readonly class ChangePreview
{
    /** Days beside those asked about. */
    private const AROUND = 3;

    public function __construct(private RuleBook $before, private RuleBook $after, private Diary $diary)
    {
    }

    /**
     * @param  int  $fromDay, $toDay local dates as day numbers, both included
     * @param  int  $now instant
     */
    public function of(int $fromDay, int $toDay, int $now): Effect
    {
        [$opens, $closes, $grounds, $known] = [[], [], [], []];
        [$before, $after] = $this->openTimes($fromDay, $toDay, $this->longest());
        $taken = $this->commitments($fromDay, $toDay, $now);
        $found = [new FoundOnce(), new FoundOnce()];
        foreach ($this->touched() as $id) {
            $grounds[$id] = $this->grounds($id, $before, $after, $known);
            $only = $this->isMovedByHours($id) ? $this->startsAbout($this->after->services[$id], $grounds[$id]) : null;
            if ($only?->isEmpty() === true) {
                continue;
            }
            $ask = new Ask($id, $fromDay, $toDay, $now);
            $had = $this->starts($this->before, $ask, $before, $only, $taken[0], $found[0]);
            $has = $this->starts($this->after, $ask, $after, $only, $taken[1], $found[1]);
            array_push($opens, ...$this->byDay($id, $has, $had));
            array_push($closes, ...$this->byDay($id, $had, $has));
        }

        $stranded = (new Stranding($this->before, $this->after, $this->diary))->of($fromDay, $toDay, $now);

        return new Effect($opens, $closes, $stranded, $this->ground($grounds));
    }

    /**
     * The services whose times can be different: what a draft leaves alone is the same object before and after.
     *
     * @return list<string>
     */
    private function touched(): array
    {
        $ids = array_map(strval(...), array_keys($this->before->services + $this->after->services));
        if ($this->leavesOut()) {
            return $ids;
        }
        foreach (['zone', 'openingHours', 'closures', 'dayparts', 'travelMinutes'] as $shared) {
            if ($this->before->$shared !== $this->after->$shared) {
                return $ids;
            }
        }

        return array_values(array_filter($ids, $this->isTouched(...)));
    }

    /** Whether T21 may leave out rows that nothing else is in the way of: any change may let them in. */
    private function leavesOut(): bool
    {
        return in_array(TightDays::Only, [$this->before->tightDays, $this->after->tightDays], true);
    }

    private function isTouched(string $id): bool
    {
        $service = $this->before->services[$id] ?? null;
        if ($service === null || $service !== ($this->after->services[$id] ?? null)) {
            return true;
        }
        $pools = array_map(static fn (Need $need): string => $need->pool, $service->needs);
        foreach (
            ['staff' => $service->staff, 'locations' => $service->locations, 'pools' => $pools] as $list => $used
        ) {
            foreach ($used as $one) {
                if ($this->before->$list[$one] !== $this->after->$list[$one]) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether the times of a service can be different only because people or places are open at other hours: then only
     * starts that touch those hours need be looked at. A grid counted from opening moves as a whole.
     */
    private function isMovedByHours(string $id): bool
    {
        $service = $this->after->services[$id] ?? null;
        if (
            $service === null ||
            $service !== ($this->before->services[$id] ?? null) ||
            $service->gridFromOpening ||
            $service->hasSessions ||
            $this->leavesOut()
        ) {
            return false;
        }
        foreach (['zone', 'dayparts', 'travelMinutes'] as $shared) {
            if ($this->before->$shared !== $this->after->$shared) {
                return false;
            }
        }
        foreach ($service->needs as $need) {
            if ($this->before->pools[$need->pool] !== $this->after->pools[$need->pool]) {
                return false;
            }
        }
        foreach ($service->staff as $member) {
            if (! $this->before->staff[$member]->differsByHoursAlone($this->after->staff[$member])) {
                return false;
            }
        }

        return true;
    }

    /**
     * The starts whose appointment, set-up and clear-up included, touches what opens or closes.
     *
     * @param  array<string, GroundChange>  $grounds by who and where
     */
    private function startsAbout(Service $service, array $grounds): LookedFor
    {
        $reach = ($service->lengths->max ?? 0) + $service->clearup;

        return new LookedFor(
            array_map(
                static fn (GroundChange $ground): Timeline => $ground->within($reach, $service->setup),
                $grounds,
            ),
        );
    }

    /** Days that the longest appointment reaches beyond its date. */
    private function longest(): int
    {
        $minutes = array_map(static fn (Service $service): int => $service->lengths->max ?? 0, [
            ...array_values($this->before->services),
            ...array_values($this->after->services),
        ]);

        return intdiv(max([0, ...$minutes]), Wall::DAY);
    }

    /**
     * @return array{OpenTime, OpenTime} before and after, with the nights that reach into the dates and out of them,
     *   and what grids are counted from
     */
    private function openTimes(int $fromDay, int $toDay, int $further): array
    {
        $more = $this->margin();
        $back = max($more, $this->countsFromOpening() ? Grid::LOOKS_BACK : 0);
        [$first, $last] = [$fromDay - self::AROUND - $back, $toDay + self::AROUND + $more + $further];

        $before = new OpenTime($this->before, $first, $last);

        return [$before, new OpenTime($this->after, $first, $last, $before)];
    }

    /** Days further that T21 looks. */
    private function margin(): int
    {
        $margin = 0;
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services as $service) {
                $margin = max($margin, Gaps::margin($book, $service));
            }
        }

        return $margin;
    }

    private function countsFromOpening(): bool
    {
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services as $service) {
                if ($service->gridFromOpening) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{Commitments, Commitments} before and after, of all that an appointment on the dates can meet */
    private function commitments(int $fromDay, int $toDay, int $now): array
    {
        $around = (self::AROUND + $this->longest() + $this->margin()) * Wall::DAY;
        $within = [$fromDay * Wall::DAY - $around, ($toDay + 1) * Wall::DAY + $around];

        return [
            new Commitments($this->before, $this->diary, $now, $within),
            new Commitments($this->after, $this->diary, $now, $within),
        ];
    }

    /**
     * @param  array<string, GroundChange>  $known those of services without hours of their own are the same
     * @return array<string, GroundChange> of each who does a service, at each of its places
     */
    private function grounds(string $service, OpenTime $had, OpenTime $has, array &$known): array
    {
        $hours = [$this->before->services[$service]->hours ?? null, $this->after->services[$service]->hours ?? null];
        $own = $hours === [null, null] ? '' : $service;
        $grounds = [];
        foreach ($this->crews($service) as $key => $crew) {
            $did = self::does($this->before, $service, ...$crew);
            $does = self::does($this->after, $service, ...$crew);
            $grounds[$key] = $known["{$key} {$own} ".($did ? 'did' : '').($does ? 'does' : '')] ??=
                GroundChange::between(
                    $did ? $this->time($this->before, $had, $service, ...$crew) : Timeline::none(),
                    $does ? $this->time($this->after, $has, $service, ...$crew) : Timeline::none(),
                );
        }

        return $grounds;
    }

    /**
     * The open time of the people for whom it changes; where it does for nobody, of everybody concerned.
     *
     * @param  array<string, array<string, GroundChange>>  $grounds by service and crew
     */
    private function ground(array $grounds): GroundChange
    {
        [$all, $changed] = [[], []];
        $concerned = array_filter(
            $this->after->staff,
            fn (Member $member): bool => $member !== ($this->before->staff[$member->id] ?? null),
        );
        foreach ($grounds as $service => $changes) {
            foreach ($this->crews((string) $service) as $crew => [$member]) {
                if ($concerned === [] || isset($concerned[$member])) {
                    // otherwise it is about somebody else
                    $one = $changes[$crew];
                    $all[spl_object_id($one)] = $one;
                    if (! $one->isNothing()) {
                        $changed[spl_object_id($one)] = $one;
                    }
                }
            }
        }

        return GroundChange::together($changed === [] ? $all : $changed);
    }

    /** @return array<string, array{string, string}> who does a service and where, before or after */
    private function crews(string $service): array
    {
        $crews = [];
        foreach ([$this->before, $this->after] as $book) {
            foreach ($book->services[$service]->staff ?? [] as $member) {
                foreach ($book->services[$service]->locations ?? [] as $location) {
                    $crews[LookedFor::key($member, $location)] = [$member, $location];
                }
            }
        }

        return $crews;
    }

    private static function does(RuleBook $book, string $service, string $member, string $location): bool
    {
        $rules = $book->services[$service] ?? null;

        return $rules !== null &&
            isset($book->locations[$location]) &&
            ($book->staff[$member] ?? null)?->active === true &&
            in_array($member, $rules->staff, true) &&
            in_array($location, $rules->locations, true);
    }

    private function time(RuleBook $book, OpenTime $open, string $service, string $member, string $location): Timeline
    {
        $person = $book->staff[$member];

        return $open->of($person, $book->locations[$location], $book->services[$service])->subtract($person->off());
    }

    /** @return array<string, Offered> by who and where */
    private function starts(
        RuleBook $book,
        Ask $ask,
        OpenTime $open,
        ?LookedFor $only,
        Commitments $taken,
        FoundOnce $found,
    ): array {
        return isset($book->services[$ask->service])
            ? (new SlotSearch($book, $this->diary->withoutTurns(), $open, $only, $taken, $found))->offered($ask)
            : [];
    }

    /**
     * What one has and the other has not.
     *
     * @param  array<string, Offered>  $these by who and where
     * @param  array<string, Offered>  $others
     * @return list<Change>
     */
    private function byDay(string $service, array $these, array $others): array
    {
        $changes = [];
        foreach ($these as $key => $offered) {
            $days = [];
            $starts = array_keys(array_diff_key($offered->starts, $others[$key]->starts ?? []));
            sort($starts);
            foreach ($starts as $start) {
                $day = $this->after->zone->day($start);
                $days[$day] ??= new Change($service, $offered->staff, $offered->location, $day);
                $days[$day]->starts[] = $start;
            }
            array_push($changes, ...array_values($days));
        }

        return $changes;
    }
}
