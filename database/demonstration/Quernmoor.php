<?php

declare(strict_types=1);

namespace Database\Demonstration;

use YardBell\Core\Time\Wall;

/**
 * Quernmoor Clay Yard: a pottery in a harbour town, with two places and a page online, six people, wheels and kilns.
 */
final class Quernmoor
{
    private const ADD_ONS = [
        ['id' => 'second-pot', 'name' => 'Second pot', 'amount' => 1200, 'minutes' => 30, 'taxRates' => ['vat']],
        ['id' => 'apron', 'name' => 'Apron to keep', 'amount' => 1800, 'taxRates' => ['goods']],
        ['id' => 'clay', 'name' => 'Bag of clay, 10 kg', 'amount' => 1400, 'taxRates' => ['goods']],
    ];

    private const WORKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri'];

    /**
     * @param  int  $today day number: what is set up for some dates only lies around it
     * @return array<string, mixed>
     */
    public static function facts(int $today): array
    {
        return [
            'seed' => 7,
            'slug' => 'quernmoor',
            'owner' => ['name' => 'Alva Lindqvarn', 'email' => Demonstration::MAIL],
            'about' => 'A pottery by the harbour, for first pots and hundredth. Wheels, glazes and patient people.',
            // Clients need not know that the yard is open all night for its kilns.
            'contact' => [
                'email' => 'hello@quernmoor.example',
                'phone' => '+44 1632 960 417',
                'tax_number' => 'QM 000 417 00',
                'links' => ['https://quernmoor.example/'],
                'public_hours' => [
                    ...self::days(self::WORKDAYS, '09:00', '19:00'),
                    'sat' => [['from' => '10:00', 'to' => '16:00']],
                ],
            ],
            'document' => self::document($today),
            'addresses' => [
                'Harbour Street' => '14 Harbour Street, Quernmoor',
                'Mill Lane' => '3 Mill Lane, Quernmoor',
                'Online' => 'The link comes with your booking',
            ],
            'bring' => [
                'Wheel lesson' => 'A towel, and short nails if you can bear it.',
                'Hand-building' => 'An apron, if you have one.',
            ],
            'descriptions' => [
                'Wheel lesson' => 'One to one at the wheel, clay and firing of one piece included. Wear something '
                    .'that may get dirty.',
                'Hand-building' => 'Pinch, coil and slab: a bowl or a beast without a wheel.',
                'Glazing bench' => 'Two hours at the bench with all our glazes, and somebody to ask.',
                'Taster session' => 'Two hours for beginners, in a group of eight. Everybody goes home with a pot on '
                    .'its way.',
                'Family afternoon' => 'Clay for grown-ups and children, up to five of you at one table. Others share '
                    .'the room.',
                'Commission meeting' => 'Tell us what you would like made: tableware, tiles, an urn. Alva and Bruno '
                    .'both listen.',
                'Glaze question' => 'A quarter of an hour online for one question. Bring a picture of the pot.',
                'Kiln firing' => 'A whole kiln overnight, with somebody who watches it. Bring your pots before six.',
            ],
            'categories' => [
                'At the wheel' => ['Wheel lesson', 'Taster session'],
                'By hand' => ['Hand-building', 'Family afternoon'],
                'Glaze and fire' => ['Glazing bench', 'Glaze question', 'Kiln firing'],
                'To order' => ['Commission meeting'],
            ],
            'pictures' => [
                'Wheel lesson' => 'wheel',
                'Taster session' => 'taster',
                'Hand-building' => 'hands',
                'Family afternoon' => 'family',
                'Glazing bench' => 'glazing',
                'Commission meeting' => 'commission',
                'Glaze question' => 'question',
                'Kiln firing' => 'firing',
            ],
            'cancellation' => [
                'Wheel lesson' => ['freeMinutes' => 1440, 'amount' => null, 'percent' => '50'],
                'Taster session' => ['freeMinutes' => 2880, 'amount' => null, 'percent' => '25'],
                'Commission meeting' => ['freeMinutes' => 1440, 'amount' => 2000, 'percent' => null],
            ],
            'approval' => ['Kiln firing'],
            'questions' => [
                [
                    'text' => 'Have you worked at a wheel before?',
                    'type' => 'choice',
                    'choices' => ['never', 'once or twice', 'often'],
                    'services' => ['Wheel lesson', 'Taster session'],
                ],
                ['text' => 'May we put a picture of your pot on our wall?', 'type' => 'yesno'],
                ['text' => 'A picture of the pot', 'type' => 'file', 'services' => ['Glaze question']],
                ['text' => 'Where did you hear of us?', 'type' => 'hidden', 'parameter' => 'from'],
            ],
            'signIns' => [
                'Bruno Okarra' => 'manager',
                'Dilnoza Mir' => 'desk',
                'Gwen Harrow' => 'staff',
                'Marta Ilves' => 'bookkeeper',
            ],
            'sessions' => [
                'service' => 'Taster session',
                'staff' => 'Gwen Harrow',
                'location' => 'Harbour Street',
                'weekdays' => [1 => '16:15', 5 => '10:30'],
                'minutes' => 120,
                'places' => 8,
            ],
            'visit' => ['Wheel lesson', 'Glazing bench'],
            'clients' => [
                'Rosa Mendal',
                'Idris Kettle',
                'Noor Sandholm',
                'Tomas Brandt',
                'Pia Verhoe',
                'Sam Tolliver',
                'Johanna Akande',
                'Lars Pellow',
                'Mina Ostrow',
                'Viggo Hale',
                'Esther Quill',
                'Duarte Faro',
                'Hanne Lisk',
                'Olu Bristow',
                'Ines Carva',
                'Pavel Dorn',
                'Greta Moss',
                'Yusuf Arden',
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function document(int $today): array
    {
        $wall = static fn (int $days, string $time): string => Wall::date($today + $days).'T'.$time;

        return [
            'format' => 'yardbell/1',
            'business' => [
                'name' => 'Quernmoor Clay Yard',
                'timeZone' => 'Europe/Lisbon',
                'currency' => 'EUR',
                'travelMinutes' => 15,
                // Tuesdays and Thursdays run on through the night, for the kilns.
                'openingHours' => [
                    ...self::days(['mon', 'wed', 'fri'], '09:00', '19:00'),
                    ...self::days(['tue', 'thu'], '09:00', '09:00'),
                    'sat' => [['from' => '10:00', 'to' => '16:00']],
                ],
                'closures' => [
                    ['id' => 'fair', 'name' => 'Harbour fair', 'from' => $wall(9, '13:00'), 'to' => $wall(10, '00:00')],
                ],
                'pricesIncludeTax' => true,
                'taxRates' => [
                    ['id' => 'vat', 'name' => 'VAT', 'percent' => '23'],
                    ['id' => 'goods', 'name' => 'VAT on goods', 'percent' => '6'],
                ],
                'surcharges' => [
                    [
                        'id' => 'evening',
                        'name' => 'After six',
                        'when' => 'outside_hours',
                        'hours' => self::days(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], '06:00', '18:00'),
                        'amount' => 500,
                        'staffAmount' => 300,
                    ],
                    [
                        'id' => 'saturday',
                        'name' => 'Saturday',
                        'when' => 'weekdays',
                        'weekdays' => ['sat'],
                        'percent' => '10',
                    ],
                ],
                'dayparts' => [['id' => 'after-lunch', 'name' => 'After lunch', 'from' => '14:00', 'to' => '18:00']],
            ],
            'locations' => [
                ['id' => 'harbour', 'name' => 'Harbour Street'],
                ['id' => 'mill', 'name' => 'Mill Lane'],
                ['id' => 'online', 'name' => 'Online'],
            ],
            'resources' => [
                [
                    'id' => 'wheels',
                    'name' => 'Wheels',
                    'location' => 'harbour',
                    'units' => ['wheel-1', 'wheel-2', 'wheel-3'],
                ],
                [
                    'id' => 'kilns',
                    'name' => 'Kilns',
                    'location' => 'mill',
                    'units' => ['big-kiln', 'small-kiln'],
                    'outages' => [['unit' => 'small-kiln', 'from' => $wall(-2, '00:00'), 'to' => $wall(5, '00:00')]],
                ],
                [
                    'id' => 'stools',
                    'name' => 'Stools',
                    'location' => 'harbour',
                    'units' => array_map(static fn (int $i): string => "stool-{$i}", range(1, 12)),
                ],
            ],
            'staff' => [
                self::member('alva', 'Alva Lindqvarn', self::days(self::WORKDAYS, '09:00', '18:00'), [
                    '13:00',
                    '13:30',
                ]),
                self::member(
                    'bruno',
                    'Bruno Okarra',
                    self::days(['tue', 'wed', 'thu', 'fri', 'sat'], '10:00', '19:00'),
                    ['13:30', '14:00'],
                ),
                ['timeOff' => [['id' => 'dentist', 'from' => $wall(2, '09:00'), 'to' => $wall(2, '11:30')]]] +
                self::member('cecile', 'Cécile Dunn', self::days(['mon', 'tue', 'thu', 'fri'], '09:00', '17:00'), [
                    '12:30',
                    '13:15',
                ]),
                self::member('dilnoza', 'Dilnoza Mir', self::days(['mon', 'wed', 'thu', 'sat'], '12:00', '19:00')),
                self::member('emil', 'Emil Farran', [
                    'tue' => [['from' => '18:00', 'to' => '08:30', 'at' => 'mill']],
                    'thu' => [['from' => '18:00', 'to' => '08:30', 'at' => 'mill']],
                    'sat' => [['from' => '10:00', 'to' => '16:00']],
                    'mon' => [['from' => '13:00', 'to' => '18:00']],
                ]),
                self::member('gwen', 'Gwen Harrow', self::days(['mon', 'tue', 'wed', 'fri'], '09:00', '16:00'), [
                    '12:00',
                    '12:30',
                ]),
            ],
            'codes' => [
                [
                    'id' => 'friends',
                    'code' => 'FRIENDS',
                    'percent' => '100',
                    'includesExtras' => true,
                    'usesPerClient' => 1,
                ],
                ['id' => 'first-pot', 'code' => 'FIRSTPOT', 'percent' => '15', 'firstVisitOnly' => true],
            ],
            'services' => [
                self::service(
                    'wheel',
                    'Wheel lesson',
                    4800,
                    60,
                    ['alva', 'bruno', 'cecile', 'gwen'],
                    [
                        'minutes' => [60, 90],
                        'setup' => 10,
                        'clearup' => 15,
                        'resources' => [['pool' => 'wheels', 'units' => 1]],
                        'pricing' => [
                            'kind' => 'fixed',
                            'byMinutes' => ['60' => 4800, '90' => 6600],
                            'frequency' => ['period' => 'week', 'levels' => [['from' => 2, 'amount' => 4200]]],
                            'taxRates' => ['vat'],
                        ],
                        'staffPay' => ['percent' => '45'],
                        'addOns' => self::ADD_ONS,
                    ],
                    'full',
                ),
                self::service(
                    'hands',
                    'Hand-building',
                    3800,
                    90,
                    ['cecile', 'dilnoza', 'emil'],
                    [
                        'setup' => 10,
                        'clearup' => 10,
                        'pricing' => [
                            'kind' => 'fixed',
                            'amount' => 3800,
                            'byStaff' => ['cecile' => 4400],
                            'taxRates' => ['vat'],
                        ],
                        'staffPay' => ['percent' => '40'],
                        'addOns' => array_slice(self::ADD_ONS, 1),
                    ],
                    'optional',
                ),
                self::service(
                    'glazing',
                    'Glazing bench',
                    2600,
                    120,
                    ['dilnoza', 'gwen'],
                    [
                        'minutes' => ['min' => 60, 'max' => 180, 'step' => 30],
                        'pricing' => ['kind' => 'fixed', 'perStep' => 900, 'taxRates' => ['vat']],
                        'setup' => 5,
                        'clearup' => 15,
                    ],
                    'full',
                ),
                self::service(
                    'taster',
                    'Taster session',
                    3200,
                    120,
                    ['gwen', 'bruno'],
                    [
                        'kind' => 'session',
                        'maxParty' => 4,
                        'setup' => 15,
                        'clearup' => 20,
                        'pricing' => [
                            'kind' => 'fixed',
                            'amount' => 3200,
                            'perPerson' => true,
                            'excludeSurcharges' => ['evening', 'saturday'],
                            'taxRates' => ['vat'],
                        ],
                        'staffPay' => ['amount' => 4000],
                        'payment' => ['kind' => 'deposit', 'percent' => '25'],
                    ],
                ),
                self::service(
                    'family',
                    'Family afternoon',
                    2400,
                    90,
                    ['dilnoza', 'emil'],
                    [
                        'places' => 12,
                        'maxParty' => 5,
                        'startEvery' => 60,
                        'pricing' => [
                            'kind' => 'fixed',
                            'amount' => 2400,
                            'extraPeople' => [1400, 900],
                            'taxRates' => ['vat'],
                        ],
                        'setup' => 15,
                        'clearup' => 15,
                        'dayparts' => ['after-lunch'],
                        'maxPerDay' => 2,
                        'resources' => [
                            ['pool' => 'stools', 'units' => 1, 'perPerson' => true, 'holdsBuffers' => false],
                        ],
                    ],
                ),
                self::service(
                    'commission',
                    'Commission meeting',
                    0,
                    45,
                    ['alva', 'bruno'],
                    ['clearup' => 10, 'startEvery' => 15, 'assignment' => 'all', 'payment' => ['kind' => 'card_hold']],
                ),
                ['locations' => ['online']] +
                self::service(
                    'question',
                    'Glaze question',
                    0,
                    15,
                    ['bruno', 'dilnoza'],
                    ['clearup' => 5, 'startEvery' => 15, 'assignment' => 'rotate'],
                ),
                ['locations' => ['mill']] +
                self::service(
                    'firing',
                    'Kiln firing',
                    9000,
                    840,
                    ['emil'],
                    [
                        'pricing' => [
                            'kind' => 'fixed',
                            'amount' => 9000,
                            'excludeSurcharges' => ['evening', 'saturday'],
                            'taxRates' => ['vat'],
                        ],
                        'startFrom' => 'opening',
                        'startEvery' => 30,
                        'noticeMinutes' => 240,
                        'resources' => [['pool' => 'kilns', 'units' => 1]],
                    ],
                ),
            ],
        ];
    }

    /**
     * @param  list<string>  $weekdays
     * @return array<string, list<array{from: string, to: string}>>
     */
    public static function days(array $weekdays, string $from, string $to): array
    {
        return array_fill_keys($weekdays, [['from' => $from, 'to' => $to]]);
    }

    /**
     * @param  array<string, list<array<string, string>>>  $hours
     * @param  array{string, string}|null  $break
     * @return array<string, mixed>
     */
    public static function member(string $id, string $name, array $hours, ?array $break = null): array
    {
        return ['id' => $id, 'name' => $name, 'hours' => $hours] +
            ($break === null ? [] : ['breaks' => self::days(array_keys($hours), ...$break)]);
    }

    /**
     * @param  list<string>  $staff
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function service(
        string $id,
        string $name,
        int $price,
        int $minutes,
        array $staff,
        array $more,
        string $payment = 'none',
    ): array {
        return $more + [
            'id' => $id,
            'name' => $name,
            'minutes' => $minutes,
            'startEvery' => 30,
            'noticeMinutes' => 60,
            'staff' => $staff,
            'locations' => ['harbour'],
            'pricing' => $price === 0
                // what is free stays free after six
                ? ['kind' => 'free', 'excludeSurcharges' => ['evening', 'saturday']]
                : ['kind' => 'fixed', 'amount' => $price],
            'payment' => ['kind' => $payment],
        ];
    }
}
