<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

use function array_filter;
use function array_map;
use function count;
use function max;

/** What keeps one service from being bookable in an ordinary week. */
final readonly class CheckService
{
    /** @param  OpenTime  $week of the ordinary rule book */
    public function __construct(
        private RuleBook $book,
        private RuleBook $ordinary,
        private OpenTime $week,
        private Service $service,
    ) {
    }

    /** @return list<Finding> */
    public function findings(int $monday): array
    {
        $findings = $this->service->hasSessions ? [] : $this->appointments(); // T15 asks nothing of the kind
        if ($this->service->noticeMinutes >= ($this->service->bookAheadDays + 1) * Wall::DAY) {
            $findings[] = $this->finding(
                '/noticeMinutes', Fault::NoticeBeyondReach, [
                    'minutes' => $this->service->noticeMinutes,
                    'days' => $this->service->bookAheadDays,
                ]);
        }

        return $findings !== [] || $this->service->hasSessions ? $findings : $this->fit($monday);
    }

    /** @return list<Finding> */
    private function appointments(): array
    {
        $service = $this->service;
        $findings = $this->people();
        if ($service->locations === []) {
            $findings[] = $this->finding('/locations', Fault::ServiceNowhere);
        }
        if ($service->maxPerDay === 0) {
            $findings[] = $this->finding('/maxPerDay', Fault::ServiceNever);
        }
        if ($service->isShared() && $service->largestParty() !== null && $service->largestParty() > $service->places) {
            $findings[] = $this->finding(
                '/maxParty', Fault::PartyOverPlaces, [
                    'party' => $service->largestParty(),
                    'places' => $service->places,
                ]);
        }

        return [...$findings, ...$this->pools()];
    }

    /** @param  array<string, int|string>  $facts */
    private function finding(string $part, Fault $fault, array $facts = []): Finding
    {
        return new Finding(
            list: 'services',
            id: $this->service->id,
            part: $part,
            fault: $fault,
            facts: ['name' => $this->service->name, ...$facts],
        );
    }

    /** @return list<Finding> */
    private function people(): array
    {
        $active = array_filter($this->service->staff, fn (string $id): bool => $this->book->staff[$id]->active);

        return match (true) {
            $this->service->staff === [] => [$this->finding('/staff', Fault::ServiceNobody)],
            $active === [] => [
                $this->finding('/staff', Fault::ServiceResting),
            ],
            default => [],
        };
    }

    /** @return list<Finding> T9 */
    private function pools(): array
    {
        $findings = [];
        $largest = $this->service->largestParty() ?? ($this->service->isShared() ? $this->service->places : 1);
        foreach ($this->service->needs as $i => $need) {
            $pool = $this->book->pools[$need->pool];
            [$has, $wants] = [count($pool->units), $need->unitsFor($largest)];
            if ($has < $wants) {
                $findings[] = $this->finding(
                    "/resources/{$i}",
                    $need->unitsFor(1) > $has ? Fault::UnitsNever : Fault::UnitsForParty,
                    ['party' => $largest, 'wanted' => $wants, 'pool' => $this->poolName($pool), 'units' => $has],
                );
            }
            $elsewhere = array_filter(
                $this->service->locations,
                static fn (string $location): bool => ! $pool->servesAt($location),
            );
            if ($elsewhere !== []) {
                $findings[] = $this->finding("/resources/{$i}", Fault::PoolElsewhere, [
                    'places' => implode('", "', array_map($this->placeName(...), $elsewhere)),
                    'pool' => $this->poolName($pool),
                    'at' => $this->placeName($pool->location),
                ]);
            }
        }

        return $findings;
    }

    private function poolName(Pool $pool): string
    {
        return $pool->name === '' ? $pool->id : $pool->name;
    }

    private function placeName(?string $id): string
    {
        return $this->book->locations[$id]->name ?? (string) $id;
    }

    /** @return list<Finding> whether any start fits in an ordinary week, and if none does, how much is missing */
    private function fit(int $monday): array
    {
        $ask = new Ask($this->service->id, $monday, $monday + 6, 0, relaxed: new Relaxed(notice: true, limits: true));
        if ((new SlotSearch($this->ordinary, new Diary()))->slots($ask) !== []) {
            return [];
        }
        $shortest = $this->service->lengths?->named(null) ?? 0;
        $longest = 0;
        foreach ($this->service->locations as $location) {
            $open = null;
            foreach (
                array_filter($this->service->staff, fn (string $id): bool => $this->book->staff[$id]->active) as $id
            ) {
                $mine = $this->week->of(
                    $this->ordinary->staff[$id],
                    $this->ordinary->locations[$location],
                    $this->ordinary->services[$this->service->id],
                );
                $open =
                    $this->service->assignment === Assignment::All && $open !== null ? $open->intersect($mine) : $mine;
                $longest =
                    $this->service->assignment === Assignment::All ? $longest : max($longest, self::longest($mine));
            }
            $longest =
                $this->service->assignment === Assignment::All
                    ? max($longest, self::longest($open ?? Timeline::none()))
                    : $longest;
        }

        return [
            match (true) {
                $longest === 0 => $this->finding('', Fault::NeverOpen),
                $longest < $shortest => $this->finding('/minutes', Fault::TooLong, [
                    'minutes' => $shortest,
                    'longest' => $longest,
                ]),
                default => $this->finding(
                    $this->service->dayparts === [] ? '/startEvery' : '/dayparts',
                    Fault::NoStart,
                ),
            },
        ];
    }

    private static function longest(Timeline $open): int
    {
        return max([0, ...array_map(static fn (array $stretch): int => $stretch[1] - $stretch[0], $open->stretches())]);
    }
}
