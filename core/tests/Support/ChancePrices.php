<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A price list and a request made by chance, the same ones for the same seed. */
final class ChancePrices
{
    private readonly Randomizer $random;

    /** @var array<string, mixed> */
    public readonly array $document;

    /** @var array<string, mixed> */
    public readonly array $request;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->document = $this->document();
        $this->request = $this->request();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $rates = array_filter(['vat' => $this->often(2), 'city' => $this->often(2)]);
        $taxRates = fn (): array => $this->some(array_keys($rates));

        return Prices::document(
            $this->pricing() + ['taxRates' => $taxRates(), 'excludeSurcharges' => $this->some(['late'])],
            [
                'staffPay' => $this->of([null, ['amount' => $this->amount()], ['percent' => $this->percent()]]),
                'payment' => $this->of([
                    ['kind' => 'none'],
                    ['kind' => 'full'],
                    ['kind' => 'deposit', 'percent' => $this->percent()],
                    ['kind' => 'deposit', 'amount' => $this->amount()],
                ]),
                'addOns' => [
                    ['id' => 'towel', 'amount' => $this->amount(), 'taxRates' => $taxRates()],
                    [
                        'id' => 'clay',
                        'amount' => $this->amount(),
                        'perPerson' => $this->often(2),
                        'minutes' => 45,
                        'taxRates' => $taxRates(),
                    ],
                ],
            ],
            [
                'pricesIncludeTax' => $this->often(2),
                'taxRates' => array_map(
                    fn (string $id): array => ['id' => $id, 'percent' => $this->percent()],
                    array_keys($rates),
                ),
                'surcharges' => $this->surcharges(),
            ],
            ['codes' => array_map($this->code(...), range(0, $this->random->getInt(0, 3)))],
            array_map(
                fn (int $i): array => ['start' => $this->start(), 'client' => $this->of(['c1', 'c2', null])],
                range(0, $this->random->getInt(0, 4)),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function request(): array
    {
        $addOns = $this->some(['towel', 'clay']);

        return [
            'start' => $this->start(),
            'staff' => $this->some(['ana', 'bo', 'cy']),
            'client' => $this->of(['c1', 'c2', null]),
            'party' => $this->of([1, 1, 2, 3, 7]),
            'addOns' => array_map(
                fn (string $id): array => ['id' => $id, 'quantity' => $this->random->getInt(1, 3)],
                $addOns,
            ),
            'codes' => $this->some(['CODE0', 'code1', 'Code2', 'CODE3', 'none']),
            'credit' => $this->often(5),
            'others' => array_map(
                fn (): array => ['service' => 'lesson', 'start' => $this->start()],
                array_fill(0, $this->random->getInt(0, 2), 0),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function pricing(): array
    {
        $perPerson = $this->often(2);

        return [
            'amount' => $this->amount(),
            'byStaff' => (object) ($this->often(2) ? ['ana' => $this->amount()] : []),
            'perPerson' => $perPerson,
            'extraPeople' => $perPerson ? [] : array_map($this->amount(...), range(0, $this->random->getInt(0, 2))),
            'extraPeopleStaff' => $this->often(3) ? [$this->amount()] : [],
            'frequency' => match (true) {
                $this->often(2) => null,
                $this->often(3) => [$this->frequency('week'), $this->frequency('day') + ['earlier' => true]],
                default => $this->frequency($this->of(['day', 'week', 'month'])),
            },
        ];
    }

    /** @return array<string, mixed> */
    private function frequency(string $period): array
    {
        return [
            'period' => $period,
            'levels' => [
                ['from' => 1, 'amount' => $this->amount()],
                ['from' => 2, 'amount' => $this->amount(), 'staffAmount' => $this->of([null, $this->amount()])],
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function surcharges(): array
    {
        $surcharges = Prices::BUSINESS['surcharges'];
        $surcharges[0]['amount'] = $this->amount();
        $surcharges[1]['percent'] = $this->percent();

        return $surcharges;
    }

    /** @return array<string, mixed> */
    private function code(int $i): array
    {
        return [
            'id' => "code{$i}",
            'code' => "Code{$i}",
            'minimum' => $this->of([0, 0, $this->amount()]),
            'firstVisitOnly' => $this->often(5),
            'includesExtras' => $this->often(2),
            'combines' => ! $this->often(3),
        ] + $this->of([['percent' => $this->percent()], ['amount' => $this->amount()]]);
    }

    private function amount(int ...$ignored): int
    {
        return $this->of([0, 1, 3, 99, 333, 4999, 5000, $this->random->getInt(0, 100_000), 10 ** 12]);
    }

    private function percent(): string|int
    {
        return $this->of(['0', '0.01', '7.5', '33.3333', 23, '100', '120.25']);
    }

    private function start(): string
    {
        return sprintf('2027-03-%02dT%02d:%02dZ', ...[
            $this->random->getInt(1, 9),
            $this->random->getInt(6, 20),
            $this->of([0, 15, 30]),
        ]);
    }

    private function often(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @return list<T> in any order
     */
    private function some(array $all): array
    {
        return array_slice($this->random->shuffleArray($all), 0, $this->random->getInt(0, count($all)));
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
