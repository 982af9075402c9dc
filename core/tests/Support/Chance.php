<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes documents by chance, the same ones for the same seed: small, crowded, around clock changes of unusual zones.
 */
final class Chance
{
    private const ZONES = [
        ['Europe/Lisbon', '2027-03-27'],
        ['Europe/Lisbon', '2027-10-30'],
        ['Australia/Lord_Howe', '2027-04-03'],
        ['Australia/Lord_Howe', '2027-10-02'],
        ['America/St_Johns', '2010-11-06'],
        ['Pacific/Apia', '2011-12-29'],
        ['Asia/Beirut', '2027-03-27'],
        ['Africa/Cairo', '2027-10-28'],
        ['America/Sao_Paulo', '2018-11-03'],
        ['UTC', '2027-03-01'],
        ['Asia/Kathmandu', '2027-05-05'],
    ];

    private readonly Randomizer $random;

    public readonly string $zone;

    public readonly string $date;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        [$this->zone, $this->date] = self::ZONES[$this->random->getInt(0, count(self::ZONES) - 1)];
    }

    /** How many documents a test makes: YARDBELL_SEEDS where it is set, for more or for a quick look. */
    public static function seeds(int $usual): int
    {
        return (int) (getenv('YARDBELL_SEEDS') ?: $usual);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $shared = $this->often(3);
        $service = array_filter(
            [
                'id' => 'lesson',
                'minutes' => $this->of([15, 30, 45, 60, 90]),
                'setup' => $this->of([0, 0, 5, 20]),
                'clearup' => $this->of([0, 10, 25]),
                'startEvery' => $this->of([10, 15, 25, 30, 50]),
                'startFrom' => $this->of(['clock', 'clock', 'opening']),
                'noticeMinutes' => $this->of([0, 0, 600]),
                'bookAheadDays' => $this->of([60, 60, 1]),
                'hours' => $this->often(4) ? $this->table(2) : null,
                'dayparts' => $this->often(4) ? ['part'] : [],
                'availableFrom' => $this->often(6) ? $this->day(1) : null,
                'locations' => $this->often(2) ? ['yard', 'mill'] : ['mill'],
                'staff' => $this->of([['ana', 'bo'], ['bo', 'cy', 'ana'], ['cy']]),
                'assignment' => $this->of(['choose', 'first', 'rotate', 'random', 'all']),
                'places' => $shared ? 4 : 1,
                'maxParty' => $this->of([null, 3]),
                'maxPerDay' => $this->often(5) ? $this->random->getInt(0, 3) : null,
                'resources' => $this->often(2)
                    ? [
                        [
                            'pool' => 'wheel',
                            'units' => 1,
                            'perPerson' => $this->often(2),
                            'holdsBuffers' => $this->often(2),
                        ],
                    ]
                    : [],
            ],
            static fn (mixed $value): bool => $value !== null,
        );
        $other = [
            'id' => 'other',
            'minutes' => 30,
            'locations' => ['yard'],
            'staff' => ['ana', 'bo', 'cy'],
            'resources' => [['pool' => 'wheel', 'units' => 1, 'holdsBuffers' => false]],
        ];

        $document = [
            'format' => 'yardbell/1',
            'business' => [
                'timeZone' => $this->zone,
                'currency' => 'EUR',
                'openingHours' => $this->table(3),
                'specialDays' => $this->often(3) ? [['date' => $this->day(1), 'hours' => $this->windows(2)]] : [],
                'closures' => $this->often(3)
                    ? [['id' => 'shut', ...$this->stretch(), ...$this->often(2) ? ['staff' => ['bo']] : []]]
                    : [],
                'dayparts' => [['id' => 'part', 'name' => 'Part', ...$this->windows(1)[0]]],
                'travelMinutes' => $this->of([0, 0, 25]),
            ],
            'locations' => [
                ['id' => 'yard'],
                array_filter([
                    'id' => 'mill',
                    'hours' => $this->often(4) ? $this->table(2) : null,
                    'specialDays' => $this->often(5) ? [['date' => $this->day(1), 'hours' => $this->windows(1)]] : [],
                ]),
            ],
            'resources' => [
                [
                    'id' => 'wheel',
                    ...$this->often(4) ? ['location' => 'mill'] : [],
                    'units' => ['w1', 'w2', 'w3'],
                    'outages' => $this->often(3) ? [['unit' => 'w1', ...$this->stretch()]] : [],
                ],
            ],
            'staff' => array_map($this->member(...), ['ana', 'bo', 'cy']),
            'services' => [$service, $other],
            'bookings' => array_map(
                fn (int $i): array => $this->booking($i, $service),
                range(1, $this->random->getInt(1, 9)),
            ),
        ];
        if ($this->often(2)) {
            $document['services'][] = [
                'id' => 'taster',
                'kind' => 'session',
                'setup' => 15,
                'clearup' => 5,
                'locations' => ['yard', 'mill'],
                'staff' => ['ana', 'bo', 'cy'],
            ];
            $document['sessions'] = array_map($this->session(...), range(1, $this->random->getInt(1, 3)));
        }
        if ($this->often(3)) {
            $document['services'][0]['minutes'] = [$service['minutes'], $service['minutes'] + 25];
        }

        return $document;
    }

    /** @return array{service: string, from: string, to: string, now: string, party: int, extra: int} */
    public function ask(): array
    {
        return [
            'service' => 'lesson',
            'from' => $this->day($this->random->getInt(0, 1)),
            'to' => $this->day($this->random->getInt(1, 2)),
            'now' => $this->day(-1).'T12:00Z',
            'party' => $this->of([1, 1, 2]),
            'extra' => $this->of([0, 0, 20]),
        ];
    }

    /**
     * People who wait for what a document offers: some alike, some for what there is not.
     *
     * @param  array<string, mixed>  $document
     * @return list<array<string, mixed>>
     */
    public function waitlist(array $document): array
    {
        $lengths = (array) $document['services'][0]['minutes'];

        return array_map(
            fn (int $i): array => array_filter(
                [
                    'id' => "w{$i}",
                    'service' => $this->of(['lesson', 'lesson', ...array_column($document['services'], 'id')]),
                    'minutes' => $this->of([null, null, ...$lengths, 40]),
                    'extra' => $this->of([0, 0, 25]),
                    'party' => $this->of([1, 1, 2, 3, 6]),
                    'staff' => $this->often(3) ? $this->of([['ana'], ['cy', 'bo']]) : null,
                    'locations' => $this->often(4) ? [$this->of(['yard', 'mill'])] : null,
                    'from' => $this->day($this->random->getInt(-1, 1)),
                    'until' => $this->day($this->random->getInt(0, 2)),
                    'windows' => $this->often(2) ? $this->table(2) : null,
                    'createdAt' => $this->day(-3).'T0'.$this->random->getInt(0, 5).':00Z',
                ],
                static fn (mixed $value): bool => $value !== null,
            ),
            range(1, 12),
        );
    }

    /** @return array<string, mixed> */
    private function member(string $id): array
    {
        return array_filter(
            [
                'id' => $id,
                'active' => ! $this->often(8),
                'hours' => $this->often(3) ? $this->table(2, at: true) : null,
                'specialDays' => $this->often(5) ? [['date' => $this->day(1), 'hours' => $this->windows(1)]] : [],
                'breaks' => $this->often(3) ? $this->table(1) : null,
                'timeOff' => $this->often(4) ? [['id' => 'off', ...$this->stretch()]] : [],
                'busy' => $this->often(4)
                    ? [['from' => $this->day(1).'T08:00Z', 'to' => $this->day(1).'T08:40Z']]
                    : [],
                'respectBusy' => ! $this->often(4),
                'maxPerDay' => $this->often(6) ? $this->random->getInt(0, 2) : null,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param  array<string, mixed>  $service
     * @return array<string, mixed>
     */
    private function booking(int $i, array $service): array
    {
        $alike = $this->often(2);
        $state = $this->of(['confirmed', 'pending', 'held', 'cancelled', 'no_show', 'confirmed']);

        return array_filter(
            [
                'id' => "b{$i}",
                'service' => $alike ? 'lesson' : 'other',
                'start' => $this->day($this->random->getInt(0, 2))
                    .'T'.$this->of(['07:00Z', '09:30Z', '11:10Z', '23:30Z']),
                'minutes' => $alike ? $service['minutes'] : 30,
                'setup' => $this->of([0, 10]),
                'clearup' => $this->of([0, 15]),
                'staff' => $this->of([['ana'], ['bo'], ['cy'], ['bo', 'ana']]),
                'location' => $this->of(['yard', 'mill', null]),
                'units' => $this->of([[], ['w1'], ['w2', 'w1']]),
                'party' => $this->of([1, 2]),
                'state' => $state,
                'heldUntil' => $state === 'held' ? $this->day(-1).$this->of(['T11:59Z', 'T12:00Z', 'T12:01Z']) : null,
                'createdAt' => $this->day(-3).'T0'.$this->random->getInt(0, 9).':00Z',
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private function session(int $i): array
    {
        return [
            'id' => "s{$i}",
            'service' => 'taster',
            'start' => $this->day($this->random->getInt(0, 2)).'T'.$this->of(['08:00Z', '10:20Z', '22:00Z']),
            'minutes' => 70,
            'places' => 6,
            'staff' => $this->of([['ana'], ['bo', 'cy'], []]),
            'units' => $this->of([[], ['w3', 'w1']]),
            'state' => $this->of(['scheduled', 'scheduled', 'cancelled']),
        ] + $this->of([['location' => 'yard'], ['location' => 'mill'], []]);
    }

    /** @return array<string, list<array<string, string>>> never empty, so that it is written as an object */
    private function table(int $most, bool $at = false): array
    {
        $table = ['mon' => $this->windows($most, $at)];
        foreach (['tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as $day) {
            $table[$day] = $this->windows($most, $at);
        }

        return $table;
    }

    /** @return list<array<string, string>> */
    private function windows(int $most, bool $at = false): array
    {
        return array_map(
            fn (): array => [
                'from' => $this->time(),
                'to' => $this->of([$this->time(), $this->time(), '24:00']),
                ...$at && $this->often(3) ? ['at' => 'mill'] : [],
            ],
            range(1, $most),
        );
    }

    /** @return array{from: string, to: string} */
    private function stretch(): array
    {
        return [
            'from' => $this->day(1).'T'.$this->of(['00:00', '01:30', '09:00']),
            'to' => $this->of([$this->day(1).'T'.$this->of(['10:00', '23:30']), $this->day(2).'T00:00']),
        ];
    }

    private function time(): string
    {
        return sprintf('%02d:%02d', $this->random->getInt(0, 23), $this->of([0, 0, 15, 30, 50]));
    }

    private function day(int $plus): string
    {
        return gmdate('Y-m-d', (int) strtotime("{$this->date}T00:00Z") + $plus * 86400);
    }

    private function often(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
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
