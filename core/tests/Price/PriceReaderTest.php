<?php

declare(strict_types=1);

use YardBell\Core\Price\Item;
use YardBell\Core\Scenario\PriceWriter;
use YardBell\Core\Tests\Support\Days;
use YardBell\Core\Tests\Support\Prices;

/**
 * What is wrong with a service's prices, "" for nothing.
 *
 * @param  array<string, mixed>  $service
 */
function priceProblem(array $service): string
{
    [$exit, $said] = Days::command(Days::document($service));

    return $exit === 0 ? '' : trim($said);
}

it('refuses a price that does not go with the lengths (P1)', function (array $service, string $problem): void {
    expect(priceProblem($service))->toContain($problem);
})->with([
    'a plain amount beside a list' => [
        ['minutes' => [30, 60], 'pricing' => ['kind' => 'fixed', 'amount' => 1, 'byMinutes' => ['30' => 1, '60' => 2]]],
        '/services/0/pricing/amount: a plain amount is for one length',
    ],
    'a plain amount beside steps' => [
        [
            'minutes' => ['min' => 30, 'max' => 60, 'step' => 30],
            'pricing' => ['kind' => 'fixed', 'amount' => 1, 'perStep' => 5],
        ],
        '/services/0/pricing/amount: a plain amount is for one length',
    ],
    'steps for one length' => [
        ['minutes' => 30, 'pricing' => ['kind' => 'fixed', 'amount' => 1, 'perStep' => 5]],
        '/services/0/pricing/perStep: a plain amount',
    ],
    'a length without an entry' => [
        ['minutes' => [30, 60, 90], 'pricing' => ['kind' => 'fixed', 'byMinutes' => ['30' => 1]]],
        '/services/0/pricing/byMinutes: it lacks an amount for 60, 90 minutes.',
    ],
    'no amount' => [['pricing' => ['kind' => 'fixed']], '/services/0/pricing/amount: it is missing.'],
    'no amounts' => [
        ['minutes' => [30, 60], 'pricing' => ['kind' => 'fixed']],
        '/services/0/pricing/byMinutes: it is missing.',
    ],
    'no kind' => [['pricing' => ['amount' => 1]], '/services/0/pricing/kind: it is missing.'],
    'another kind' => [
        ['pricing' => ['kind' => 'cheap']],
        '/services/0/pricing/kind: one of fixed, free, from, on_request is needed.',
    ],
    'a fraction' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => 1.5]],
        '/services/0/pricing/amount: a whole number is needed.',
    ],
    'less than nothing' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => -1]],
        '/services/0/pricing/amount: -1 is too small',
    ],
    'a length that is no number' => [
        ['minutes' => [30, 60], 'pricing' => ['kind' => 'fixed', 'byMinutes' => ['30' => 1, '60' => 1, 'long' => 2]]],
        'but got "long"',
    ],
    'an amount that is a text' => [
        ['minutes' => [30, 60], 'pricing' => ['kind' => 'fixed', 'byMinutes' => ['30' => '1', '60' => 1]]],
        '/services/0/pricing/byMinutes/30: a whole number is needed.',
    ],
    'somebody unknown' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => 1, 'byStaff' => ['eve' => 2]]],
        '/services/0/pricing/byStaff/eve: there is no staff member "eve".',
    ],
    'a list by staff' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => 1, 'byStaff' => [2]]],
        '/services/0/pricing/byStaff: an object is needed.',
    ],
    'two ways for more people' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => 1, 'perPerson' => true, 'extraPeople' => [1]]],
        '/services/0/pricing/extraPeople: More people cost',
    ],
    'a person for less than nothing' => [
        ['pricing' => ['kind' => 'fixed', 'amount' => 1, 'extraPeople' => [1, -1]]],
        '/services/0/pricing/extraPeople/1: an amount is a whole number',
    ],
    'an unknown key' => [
        ['pricing' => ['kind' => 'free', 'colour' => 'red']],
        '/services/0/pricing/colour: this key is not known here.',
    ],
    'an add-on twice' => [
        ['addOns' => [['id' => 'a', 'name' => 'A', 'amount' => 1], ['id' => 'a', 'name' => 'B', 'amount' => 1]]],
        '/services/0/addOns/1/id: "a" is the id of another one already.',
    ],
    'an add-on without amount' => [
        ['addOns' => [['id' => 'a', 'name' => 'A']]],
        '/services/0/addOns/0/amount: it is missing.',
    ],
    'a deposit of nothing said' => [
        ['payment' => ['kind' => 'deposit']],
        '/services/0/payment/amount: either "amount" or "percent" is needed, one of them.',
    ],
    'a deposit said twice' => [
        ['payment' => ['kind' => 'deposit', 'amount' => 1, 'percent' => '5']],
        '/services/0/payment/amount: either "amount" or "percent" is needed, one of them.',
    ],
    'a percentage as a fraction' => [
        ['payment' => ['kind' => 'deposit', 'percent' => 7.5]],
        '/services/0/payment/percent: A percentage is a number',
    ],
    'a percentage with five places' => [
        ['payment' => ['kind' => 'deposit', 'percent' => '7.12345']],
        'but got "7.12345"',
    ],
]);

it('reads what may be said', function (array $service): void {
    expect(priceProblem($service))->toBe('');
})->with([
    'nothing' => [[]],
    'null for left out' => [['pricing' => null, 'addOns' => null, 'payment' => null]],
    'a whole number for a percentage' => [['payment' => ['kind' => 'deposit', 'percent' => 20]]],
    'one length as a list' => [['minutes' => [60], 'pricing' => ['kind' => 'fixed', 'byMinutes' => ['60' => 5]]]],
    'what is said of surcharges, tax and frequency' => [
        [
            'pricing' => [
                'kind' => 'fixed',
                'amount' => 5,
                'extraPeopleStaff' => [5],
                'frequency' => ['period' => 'week', 'levels' => []],
            ],
        ],
    ],
    'on request' => [['pricing' => ['kind' => 'on_request']]],
]);

it('quotes what the document says', function (): void {
    $tariff = Days::read(
        Days::document([
            'minutes' => ['min' => 30, 'max' => 120, 'step' => 30],
            'pricing' => ['kind' => 'fixed', 'perStep' => 1500, 'byStaff' => ['ana' => 6000], 'extraPeople' => [500]],
            'addOns' => [['id' => 'pot', 'name' => 'Pot', 'amount' => 900, 'minutes' => 15]],
            'payment' => ['kind' => 'deposit', 'percent' => '20'],
        ]),
    )->tariffs['lesson'];
    $quote = Prices::quote($tariff, new Item(90, [], 2, ['pot' => 1]));
    expect($quote->total)->toBe(4500 + 500 + 900)
        ->and($quote->dueNow)->toBe(1180)
        ->and(Prices::quote($tariff, new Item(90, ['ana']))->total)->toBe(6000)
        ->and($tariff->extraMinutes(['pot' => 2]))->toBe(30)
        ->and(json_encode(PriceWriter::tariff($tariff)))->toBe(
            '{"pricing":{"kind":"fixed","perStep":1500,"byStaff":{"ana":6000},"extraPeople":[500]},'
                .'"payment":{"kind":"deposit","percent":"20"},"addOns":[{"id":"pot","name":"Pot","amount":900,'
                .'"minutes":15,"perPerson":false}]}',
        );
});
