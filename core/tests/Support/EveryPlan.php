<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Scenario\Slots;
use YardBell\Core\Time\Wall;

/**
 * The slow twin of the search for visits (T20), on a small day made by chance: it tries every order, start and taker.
 * Each part is a row of `slots` for that part alone, with a grid of every minute, on a document in which the parts
 * before it are written as bookings.
 */
final class EveryPlan
{
    private readonly Randomizer $random;

    /** @var array<string, mixed> */
    public readonly array $document;

    /** @var array<string, mixed> */
    public readonly array $request;

    /** @var array<string, list<Slot>> */
    private array $slots = [];

    /** @var array<string, string> the earliest end of a plan so far, by location and start */
    private array $ends = [];

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->document = $this->document();
        $this->request = $this->request();
    }

    /** @return list<array<string, mixed>> what `visits` should print */
    public function plans(): array
    {
        $best = [];
        foreach ($this->document['locations'] as $at => ['id' => $location]) {
            foreach ($this->orders() as $order) {
                foreach ($this->complete($order, $location, [], $this->document) as $parts) {
                    $key = $this->key($order, $parts);
                    $start = "{$parts[0]['start']} {$at}";
                    if (! isset($best[$start]) || $key < $best[$start][0]) {
                        $best[$start] = [$key, $location, $order, $parts];
                    }
                }
            }
        }
        ksort($best);

        return array_values(array_map(
            fn (array $one): array => [
                'start' => $one[3][0]['start'],
                'end' => end($one[3])['end'],
                'location' => $one[1],
                'parts' => array_map(
                    fn (int $part, array $row): array => [
                        'part' => $part,
                        'service' => $this->request['parts'][$part]['service'],
                        'start' => $row['start'],
                        'end' => $row['end'],
                        'staff' => $row['staff'],
                        'units' => $row['units'],
                    ],
                    $one[2],
                    $one[3],
                ),
            ],
            $best,
        ));
    }

    /**
     * @param  list<int>  $order
     * @param  list<array<string, mixed>>  $parts
     * @return list<mixed> what plans are compared by
     */
    private function key(array $order, array $parts): array
    {
        return [
            end($parts)['end'],
            $order,
            array_column($parts, 'start'),
            array_map($this->turn(...), $order, $parts),
        ];
    }

    /**
     * Every way to do the parts that are left, in this order.
     *
     * @param  list<int>  $order
     * @param  list<array<string, mixed>>  $parts in their place
     * @param  array<string, mixed>  $document with them as bookings
     * @return iterable<list<array<string, mixed>>>
     */
    private function complete(array $order, string $location, array $parts, array $document): iterable
    {
        $from = "{$location} ".($parts[0]['start'] ?? '');
        if (count($parts) === count($order)) {
            $this->ends[$from] = min($this->ends[$from] ?? 'Z', end($parts)['end']);
            yield $parts;

            return;
        }
        if ($parts !== [] && $this->soonest($order, $parts) > ($this->ends[$from] ?? 'Z')) {
            return; // however the rest is done, it ends later than what is found already
        }
        $part = $this->request['parts'][$order[count($parts)]];
        foreach ($this->rows($document, $part, $location, $parts) as $row) {
            $service = $this->service($part['service']);
            $booked = $document;
            $booked['bookings'][] = [
                'id' => "part {$order[count($parts)]}",
                'service' => $part['service'],
                'start' => $row['start'],
                'minutes' => $service['minutes'] + ($part['extra'] ?? 0),
                'setup' => $service['setup'],
                'clearup' => $service['clearup'],
                'staff' => $row['staff'],
                'location' => $location,
                'units' => $row['units'],
                'party' => $this->request['party'],
                'createdAt' => '2020-01-01T00:00Z',
            ];
            yield from $this->complete($order, $location, [...$parts, $row], $booked);
        }
    }

    /**
     * The end, if nobody waited for any of the rest.
     *
     * @param  list<int>  $order
     * @param  non-empty-list<array<string, mixed>>  $parts
     */
    private function soonest(array $order, array $parts): string
    {
        $minutes = 0;
        foreach (array_slice($order, count($parts)) as $part) {
            $wish = $this->request['parts'][$part];
            $minutes += $this->service($wish['service'])['minutes'] + ($wish['extra'] ?? 0);
        }

        return gmdate('Y-m-d\TH:i\Z', (int) strtotime(end($parts)['end']) + 60 * $minutes);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $part
     * @param  list<array<string, mixed>>  $parts
     * @return list<array<string, mixed>>
     */
    private function rows(array $document, array $part, string $location, array $parts): array
    {
        $last = $parts === [] ? null : end($parts);
        if ($last !== null) {
            foreach ($document['services'] as &$service) {
                $service['startEvery'] = 1;
                $service['startFrom'] = 'clock';
            }
            unset($service);
        }
        $bookings = array_column($document['bookings'], null, 'id');
        ksort($bookings); // whichever was done first, the same time is taken
        $known = json_encode([$bookings, $part, $location, $last === null]);
        $this->slots[$known] ??= Days::search(Days::read($document), new Ask(
            service: $part['service'],
            fromDay: Wall::day(Days::MONDAY),
            toDay: Wall::day(Days::MONDAY) + 1,
            now: Wall::instant($this->request['now']),
            extra: $part['extra'] ?? 0,
            party: $this->request['party'],
            staff: $part['staff'] ?? null,
            location: $location,
        ));
        $first = $last === null ? 0 : Wall::instant($last['end']);
        $latest = $last === null
            ? (Wall::day($this->request['to']) + 1) * Wall::DAY - 1
            : $first + $this->request['maxWait'];

        return array_map(Slots::row(...), array_values(array_filter(
            $this->slots[$known],
            fn (Slot $slot): bool => $slot->start >= $first && $slot->start <= $latest &&
                ($last === null || ! $this->request['samePerson'] || self::sorted($slot->staff) ===
                    self::sorted($last['staff'])),
        )));
    }

    /** T16: how soon it would be their turn; by the document alone. */
    private function turn(int $part, array $row): int
    {
        $service = $this->service($this->request['parts'][$part]['service']);
        if (! in_array($service['assignment'], ['choose', 'rotate'], true)) {
            return (int) array_search($row['staff'][0], $service['staff'], true);
        }
        $last = array_fill_keys($service['staff'], '');
        foreach ($this->document['bookings'] as $booking) {
            foreach ($booking['service'] === $service['id'] ? $booking['staff'] : [] as $member) {
                $last[$member] = isset($last[$member]) ? max($last[$member], $booking['createdAt']) : '';
            }
        }
        $order = $service['staff'];
        usort($order, static fn (string $a, string $b): int => $last[$a] <=> $last[$b] ?:
            array_search($a, $service['staff'], true) <=> array_search($b, $service['staff'], true));

        return (int) array_search($row['staff'][0], $order, true);
    }

    /** @return list<list<int>> */
    private function orders(): array
    {
        $parts = array_keys($this->request['parts']);
        if (! $this->request['anyOrder']) {
            return [$parts];
        }
        $orders = [[]];
        foreach ($parts as $ignored) {
            $orders = array_merge(...array_map(
                static fn (array $order): array => array_map(
                    static fn (int $next): array => [...$order, $next],
                    array_values(array_diff($parts, $order)),
                ),
                $orders,
            ));
        }

        return $orders;
    }

    /** @return array<string, mixed> */
    private function service(string $id): array
    {
        return array_column($this->document['services'], null, 'id')[$id];
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function sorted(array $ids): array
    {
        sort($ids);

        return $ids;
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $services = array_map(
            fn (string $id): array => array_filter([
                'id' => $id,
                'minutes' => $this->of([10, 20, 25]),
                'setup' => $this->of([0, 0, 5]),
                'clearup' => $this->of([0, 0, 10]),
                'startEvery' => $this->of([15, 20, 30]),
                'startFrom' => $this->of(['clock', 'opening']),
                'locations' => $this->of([['mill', 'yard'], ['mill', 'yard'], ['yard']]),
                'staff' => $this->of([['ana', 'bo'], ['cy', 'ana'], ['bo'], ['ana', 'bo', 'cy'], ['ana', 'bo', 'cy']]),
                'assignment' => $this->of(['choose', 'choose', 'first', 'rotate', 'random', 'all']),
                'maxParty' => 2,
                'maxPerDay' => $this->of([null, null, null, null, 1, 2]),
                'resources' => $this->of([
                    [],
                    [['pool' => 'chair', 'units' => 1, 'holdsBuffers' => $this->of([true, false])]],
                    [['pool' => 'chair', 'units' => 1, 'perPerson' => true]],
                ]),
            ], static fn (mixed $value): bool => $value !== null),
            ['cut', 'colour', 'shave'],
        );

        return Days::document(
            business: ['openingHours' => ['mon' => $this->of([
                [['from' => '09:00', 'to' => '11:10']],
                [['from' => '09:00', 'to' => '10:00'], ['from' => '10:10', 'to' => '11:00']],
            ])], 'travelMinutes' => $this->of([0, 15])],
            more: [
                'locations' => [['id' => 'yard'], ['id' => 'mill']],
                'resources' => [['id' => 'chair', 'units' => ['c1', 'c2']]],
                'staff' => [
                    ['id' => 'ana'],
                    array_filter(['id' => 'bo', 'maxPerDay' => $this->of([null, null, 2])]),
                    ['id' => 'cy', 'breaks' => ['mon' => [['from' => '09:30', 'to' => '09:45']]]],
                ],
                'services' => $services,
                'bookings' => array_map($this->booking(...), range(1, $this->random->getInt(1, 4))),
            ],
        );
    }

    /** @return array<string, mixed> */
    private function booking(int $i): array
    {
        return [
            'id' => "b{$i}",
            'service' => $this->of(['cut', 'colour', 'shave']),
            'start' => Days::MONDAY.$this->of(['T09:00Z', 'T09:20Z', 'T10:00Z', 'T10:20Z']),
            'minutes' => $this->of([10, 30]),
            'staff' => $this->of([['ana'], ['bo'], ['cy'], ['ana', 'bo']]),
            'location' => $this->of(['yard', 'mill']),
            'units' => $this->of([[], ['c1']]),
            'createdAt' => '2027-01-0'.$this->random->getInt(1, 9).'T00:00Z',
        ];
    }

    /** @return array<string, mixed> */
    private function request(): array
    {
        return [
            'parts' => array_map(
                fn (): array => array_filter([
                    'service' => $this->of(['cut', 'colour', 'shave']),
                    'extra' => $this->of([0, 0, 7]),
                    'staff' => $this->of([null, null, null, null, null, 'bo']),
                ], static fn (mixed $value): bool => $value !== null),
                range(1, $this->random->getInt(2, 3)),
            ),
            'party' => $this->of([1, 1, 2]),
            'from' => Days::MONDAY,
            'to' => Days::MONDAY,
            'now' => '2027-02-01T00:00Z',
            'maxWait' => $this->of([0, 0, 5, 12, 35]),
            'anyOrder' => $this->of([true, false]),
            'samePerson' => $this->of([true, false, false]),
        ];
    }

    /**
     * @template T
     *
     * @param  list<T>  $choices
     * @return T
     */
    private function of(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }
}
