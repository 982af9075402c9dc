<?php

declare(strict_types=1);

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\Line;
use YardBell\Core\Price\PaymentKind;
use YardBell\Core\Price\PaymentTerms;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceKind;
use YardBell\Core\Price\Pricing;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Tests\Support\Prices;

/** "base 5000, people 200 = 5200, now 0" */
function quoted(Quote $quote): string
{
    if (! $quote->isPriced()) {
        return 'settled at the desk';
    }
    $lines = implode(
        ', ',
        array_map(
            static fn (Line $line): string => trim(
                "{$line->kind->value} "
                    .($line->quantity === null ? '' : "{$line->quantity} × {$line->label} ")
                    .$line->amount,
            ),
            $quote->lines,
        ),
    );

    return "{$lines} = {$quote->total}, now {$quote->dueNow}".($quote->keepsCard ? ', card kept' : '');
}

function lesson(Pricing $pricing, ?Lengths $lengths = null, PaymentTerms $payment = new PaymentTerms()): Tariff
{
    return new Tariff(
        'lesson',
        'Lesson',
        $lengths ?? Lengths::fixed(60),
        $pricing,
        [
            'towel' => new AddOn('towel', 'Towel', 300),
            'glaze' => new AddOn('glaze', 'Glaze', 250, 10, perPerson: true),
            'pot' => new AddOn('pot', 'Second pot', 0, 30),
        ],
        $payment,
    );
}

function fixed(int $amount): Pricing
{
    return new Pricing(PriceKind::Fixed, $amount);
}

it('takes the amount of the length (P1)', function (
    Pricing $pricing,
    Lengths $lengths,
    ?int $minutes,
    string $quote,
): void {
    expect(quoted(Prices::quote(lesson($pricing, $lengths), new Item($minutes))))->toBe($quote);
})->with([
    'one length' => [fn () => fixed(5000), fn () => Lengths::fixed(60), null, 'base 5000 = 5000, now 0'],
    'the first of a list' => [
        fn () => new Pricing(PriceKind::Fixed, byMinutes: [90 => 7000, 60 => 5000]),
        fn () => Lengths::choices([90, 60]),
        null,
        'base 7000 = 7000, now 0',
    ],
    'another of a list' => [
        fn () => new Pricing(PriceKind::Fixed, byMinutes: [90 => 7000, 60 => 5000]),
        fn () => Lengths::choices([90, 60]),
        60,
        'base 5000 = 5000, now 0',
    ],
    'steps begun, counted from zero: 75 in steps of 30 are three' => [
        fn () => new Pricing(PriceKind::Fixed, perStep: 1000),
        fn () => Lengths::stepped(45, 105, 30),
        75,
        'base 3000 = 3000, now 0',
    ],
    'steps that are full' => [
        fn () => new Pricing(PriceKind::Fixed, perStep: 1000),
        fn () => Lengths::stepped(30, 90, 30),
        60,
        'base 2000 = 2000, now 0',
    ],
    'the shortest, none named' => [
        fn () => new Pricing(PriceKind::Fixed, perStep: 1000),
        fn () => Lengths::stepped(30, 90, 30),
        null,
        'base 1000 = 1000, now 0',
    ],
    'free' => [fn () => Pricing::free(), fn () => Lengths::fixed(60), null, 'base 0 = 0, now 0'],
    'from' => [fn () => new Pricing(PriceKind::From, 5000), fn () => Lengths::fixed(60), null, 'settled at the desk'],
    'on request' => [
        fn () => new Pricing(PriceKind::OnRequest),
        fn () => Lengths::fixed(60),
        null,
        'settled at the desk',
    ],
]);

it('lets who does it decide the price (P1)', function (Pricing $pricing, array $staff, string $quote): void {
    expect(quoted(Prices::quote(lesson($pricing), new Item(staff: $staff))))->toBe($quote);
})->with([
    'their own' => [
        fn () => new Pricing(PriceKind::Fixed, 5000, byStaff: ['ana' => 6000]),
        ['ana'],
        'base 6000 = 6000, now 0',
    ],
    'a lower one of theirs' => [
        fn () => new Pricing(PriceKind::Fixed, 5000, byStaff: ['ana' => 4000]),
        ['ana'],
        'base 4000 = 4000, now 0',
    ],
    'somebody without one' => [
        fn () => new Pricing(PriceKind::Fixed, 5000, byStaff: ['ana' => 6000]),
        ['ben'],
        'base 5000 = 5000, now 0',
    ],
    'the highest of several, one counts with the service\'s' => [
        fn () => new Pricing(PriceKind::Fixed, 5000, byStaff: ['ana' => 4000]),
        ['ana', 'ben'],
        'base 5000 = 5000, now 0',
    ],
    'a price for what is free' => [
        fn () => new Pricing(PriceKind::Free, byStaff: ['ana' => 900]),
        ['ana', 'ben'],
        'base 900 = 900, now 0',
    ],
    'a price for what is on request' => [
        fn () => new Pricing(PriceKind::OnRequest, byStaff: ['ana' => 900]),
        ['ben', 'ana'],
        'base 900 = 900, now 0',
    ],
    'from, and nobody has one' => [
        fn () => new Pricing(PriceKind::From, 5000, byStaff: ['ana' => 900]),
        ['ben'],
        'settled at the desk',
    ],
]);

it('counts those who come along (P2)', function (array $pricing, int $party, string $quote): void {
    $tariff = lesson(new Pricing(PriceKind::Fixed, 5000, ...$pricing));
    expect(quoted(Prices::quote($tariff, new Item(party: $party))))->toBe(
        $quote,
    );
})->with([
    'everyone the same' => [['perPerson' => true], 3, 'base 5000, people 10000 = 15000, now 0'],
    'alone there is no line' => [['perPerson' => true], 1, 'base 5000 = 5000, now 0'],
    'the second and the third' => [['extraPeople' => [200, 150]], 3, 'base 5000, people 350 = 5350, now 0'],
    'everyone after the last the last' => [['extraPeople' => [200, 150]], 5, 'base 5000, people 650 = 5650, now 0'],
    'nothing said: they come for nothing' => [[], 4, 'base 5000, people 0 = 5000, now 0'],
]);

it('adds what is chosen with it, in the order it was chosen (P3)', function (): void {
    $tariff = lesson(fixed(5000));
    expect(quoted(Prices::quote($tariff, new Item(party: 2, addOns: ['glaze' => 2, 'towel' => 3]))))
        ->toBe('base 5000, people 0, addOn 2 × Glaze 1000, addOn 3 × Towel 900 = 6900, now 0')
        ->and($tariff->extraMinutes(['glaze' => 2, 'pot' => 1, 'towel' => 3]))->toBe(50)
        ->and($tariff->extraMinutes([]))->toBe(0);
});

it('keeps the price of the length when add-ons lengthen it (P1, P3)', function (): void {
    $tariff = lesson(new Pricing(PriceKind::Fixed, perStep: 1000), Lengths::stepped(30, 90, 30));
    expect(quoted(Prices::quote($tariff, new Item(30, addOns: ['pot' => 1]))))->toBe(
        'base 1000, addOn 1 × Second pot 0 = 1000, now 0',
    );
});

it('says what is due when booking (P9)', function (PaymentTerms $payment, bool $payNow, int $price, string $due): void {
    $tariff = lesson(fixed($price), payment: $payment);
    expect(quoted(Prices::quote($tariff, new Item(payNow: $payNow))))->toEndWith($due);
})->with([
    'nothing' => [fn () => new PaymentTerms(), true, 5000, 'now 0'],
    'all of it' => [fn () => new PaymentTerms(PaymentKind::Full), false, 5000, 'now 5000'],
    'the client pays now' => [fn () => new PaymentTerms(PaymentKind::Optional), true, 5000, 'now 5000'],
    'the client pays later' => [fn () => new PaymentTerms(PaymentKind::Optional), false, 5000, 'now 0'],
    'a deposit' => [fn () => new PaymentTerms(PaymentKind::Deposit, 1500), false, 5000, 'now 1500'],
    'a deposit above the total' => [fn () => new PaymentTerms(PaymentKind::Deposit, 1500), false, 1000, 'now 1000'],
    'a part, half up' => [fn () => new PaymentTerms(PaymentKind::Deposit, Percent::of('12.5')), false, 5004, 'now 626'],
    'a part, below half down' => [
        fn () => new PaymentTerms(PaymentKind::Deposit, Percent::of('12.5')),
        false,
        5003,
        'now 625',
    ],
    'a card kept' => [fn () => new PaymentTerms(PaymentKind::CardHold), false, 5000, 'now 0, card kept'],
    'a card kept for what is free' => [fn () => new PaymentTerms(PaymentKind::CardHold), false, 0, 'now 0, card kept'],
]);

it('leaves the rest for later (P9)', function (): void {
    $deposit = lesson(fixed(5000), payment: new PaymentTerms(PaymentKind::Deposit, 1500));
    expect(Prices::quote($deposit, new Item())->dueLater())
        ->toBe(3500)
        ->and(
            Prices::quote(
                lesson(new Pricing(PriceKind::OnRequest), payment: new PaymentTerms(PaymentKind::Full)),
                new Item(),
            )->dueLater(),
        )
        ->toBeNull();
});

it('refuses what has no price', function (Closure $wrong, string $sentence): void {
    expect($wrong)->toThrow(InvalidPrice::class, $sentence);
})->with([
    'another length' => [
        fn () => Prices::quote(lesson(fixed(5000)), new Item(45)),
        'does not have a length of 45 minutes',
    ],
    'a length without an amount' => [
        fn () => Prices::quote(lesson(new Pricing(PriceKind::Fixed, byMinutes: [60 => 1]), Lengths::choices([30, 60])),
            new Item(),
        ),
        'a length of 30 minutes',
    ],
    'an add-on there is not' => [
        fn () => Prices::quote(lesson(fixed(5000)), new Item(addOns: ['soap' => 1])),
        'no add-on "soap"',
    ],
    'an add-on there is not, priced later' => [
        fn () => Prices::quote(lesson(new Pricing(PriceKind::From, 1)), new Item(addOns: ['soap' => 1])),
        'no add-on "soap"',
    ],
    'minutes of an add-on there is not' => [
        fn () => lesson(fixed(5000))->extraMinutes(['soap' => 1]),
        'no add-on "soap"',
    ],
    'an add-on that is a number' => [
        fn () => Prices::quote(lesson(fixed(5000)), new Item(addOns: ['7' => 1])),
        'no add-on "7"',
    ],
    'minutes of a number' => [fn () => lesson(fixed(5000))->extraMinutes(['7' => 1]), 'no add-on "7"'],
    'none of a number' => [fn () => new Item(addOns: ['7' => 0]), 'add-on "7" at least one'],
    'none of an add-on' => [fn () => new Item(addOns: ['towel' => 0]), 'at least one is taken, but got 0'],
    'nobody' => [fn () => new Item(party: 0), 'At least one person comes, but got 0.'],
    'a negative amount' => [fn () => fixed(-1), 'not negative, but amount is -1'],
    'a negative amount of somebody' => [
        fn () => new Pricing(PriceKind::Fixed, 1, byStaff: ['ana' => -5]),
        'a staff member is -5',
    ],
    'a negative add-on' => [fn () => new AddOn('a', 'Towel', -1), 'Towel is -1'],
    'two ways for people' => [fn () => new Pricing(PriceKind::Fixed, 1, perPerson: true, extraPeople: [1]), 'not both'],
]);

it('shows what it costs at least and at most', function (Tariff $tariff, array $staff, ?array $span): void {
    expect($tariff->span($staff))->toBe($span);
})->with([
    'one amount' => [fn () => lesson(fixed(5000)), ['ana'], [5000, 5000]],
    'by length' => [
        fn () => lesson(new Pricing(PriceKind::Fixed, byMinutes: [60 => 5000, 30 => 3000]), Lengths::choices([60, 30])),
        [],
        [3000, 5000],
    ],
    'by step' => [
        fn () => lesson(new Pricing(PriceKind::Fixed, perStep: 1000), Lengths::stepped(30, 90, 30)),
        ['ana'],
        [1000, 3000],
    ],
    'by person' => [
        fn () => lesson(new Pricing(PriceKind::Fixed, 5000, byStaff: ['ana' => 6000])),
        ['ana', 'ben'],
        [5000, 6000],
    ],
    'by person, on request with the others' => [
        fn () => lesson(new Pricing(PriceKind::OnRequest, byStaff: ['ana' => 6000])),
        ['ana', 'ben'],
        [6000, 6000],
    ],
    'on request' => [fn () => lesson(new Pricing(PriceKind::OnRequest)), ['ana'], null],
]);

it('rounds a percentage once, half up', function (string $percent, int $amount, int $part): void {
    expect(Percent::of($percent)->part($amount))->toBe($part);
})->with([
    ['50', 5, 3],
    ['50', 4, 2],
    ['7.5', 1000, 75],
    ['0.0001', 500_000, 1],
    ['0.0001', 499_999, 0],
    ['33.3333', 300, 100],
    ['100', 7, 7],
    ['0', 7, 0],
    ['250', 10, 25],
]);

it('finds the same part of small amounts and of the largest', function (string $percent, string $other): void {
    $random = new Randomizer(new Mt19937(41));
    [$one, $two] = [Percent::of($percent), Percent::of($other)];
    $rounded = static fn (BigDecimal $share, string $whole): int => $share
        ->dividedBy($whole, 0, RoundingMode::HALF_UP)
        ->toInt();
    for ($digits = 0; $digits <= 15; $digits++) {
        for ($i = 0; $i < 40; $i++) {
            $amount = $random->getInt(0, 10 ** $digits);
            $share = BigDecimal::of($percent)->multipliedBy($amount);
            $whole = (string) BigDecimal::of($percent)->plus($other)->plus(100);
            expect([$one->part($amount), $one->included($amount, [$one, $two])])
                ->toBe([$rounded($share, '100'), $rounded($share, $whole)]);
        }
    }
})->with([['0', '7.5'], ['0.0001', '0'], ['7.5', '20'], ['19', '0.3333'], ['99.9999', '100'], ['900.5', '0.5']]);

it('writes a percentage as short as it can be', function (string $given, string $written): void {
    expect(Percent::of($given)->written())->toBe($written);
})->with([['7.50', '7.5'], ['20', '20'], ['0.0100', '0.01'], ['0', '0'], ['100.0', '100']]);

it('refuses what is no percentage', function (string $given): void {
    expect(fn () => Percent::of($given))->toThrow(InvalidPrice::class, "but got \"{$given}\".");
})->with(['', '-1', '7,5', '1.00001', '.5', '5.', '1e2', "1\n", '12345678']);
