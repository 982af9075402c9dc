<?php

declare(strict_types=1);

use YardBell\Core\Tests\Support\Chance;
use YardBell\Core\Tests\Support\ChancePrices;
use YardBell\Core\Tests\Support\Prices;

/* What must hold of every quote, on price lists made by chance. */

dataset('prices by chance', function (): Generator {
    for ($seed = 1; $seed <= Chance::seeds(150); $seed++) {
        yield $seed => [new ChancePrices($seed)];
    }
});

/** @param  array<string, mixed>  $answer */
function summed(array $answer, string $list, string $what, ?string $kind = null): int
{
    return array_sum(array_column(
        array_filter($answer[$list], static fn (array $one): bool => $kind === null || $one['kind'] === $kind),
        $what,
    ));
}

it('adds up', function (ChancePrices $by): void {
    $answer = Prices::answer($by->document, $by->request);
    $charged = summed($answer, 'lines', 'net');
    expect(summed($answer, 'lines', 'amount'))->toBe($answer['total'])
        ->and($charged + $answer['taxAdded'])->toBe($answer['total'])
        ->and($answer['dueNow'] + $answer['dueLater'])->toBe($answer['total'])
        ->and($answer['dueNow'])->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($answer['total'])
        ->and(summed($answer, 'includedTax', 'amount'))->toBe($answer['taxIncluded'])
        ->and(summed($answer, 'lines', 'amount', 'tax'))->toBe($answer['taxAdded'])
        ->and($answer['taxIncluded'])->toBeLessThanOrEqual($charged + count($answer['includedTax']));
    foreach ($answer['lines'] as $line) {
        expect($line['net'] ?? 0)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(max(0, $line['amount']));
    }
})->with('prices by chance');

it('is the same when it is asked again', function (ChancePrices $by): void {
    expect(Prices::answer($by->document, $by->request))->toBe(Prices::answer($by->document, $by->request));
})->with('prices by chance');

it('never costs more by a code, and pays staff the same', function (ChancePrices $by): void {
    $with = Prices::answer($by->document, $by->request);
    $without = Prices::answer($by->document, ['codes' => []] + $by->request);
    $included = ['business' => ['pricesIncludeTax' => true] + $by->document['business']] + $by->document;
    expect($with['total'])->toBeLessThanOrEqual($without['total'])
        ->and($with['staffPay'])->toBe($without['staffPay'])
        ->and($with['staffPay'])->toBe(Prices::answer($included, $by->request)['staffPay']);
})->with('prices by chance');

it('never costs less for more people', function (ChancePrices $by): void {
    $cost = fn (int $party): int => Prices::answer(
        $by->document,
        ['codes' => [], 'party' => $party] + $by->request,
    )['total'];
    expect($cost($by->request['party'] + 1))->toBeGreaterThanOrEqual($cost($by->request['party']));
})->with('prices by chance');

it('leaves no charge with credit but add-ons and surcharges', function (ChancePrices $by): void {
    $answer = Prices::answer($by->document, ['credit' => true] + $by->request);
    foreach ($answer['lines'] as $line) {
        expect(in_array($line['kind'], ['base', 'people'], true) ? $line['net'] : 0)->toBe(0);
    }
})->with('prices by chance');
