<?php

declare(strict_types=1);

use YardBell\Core\Booking\CancellationTerms;
use YardBell\Core\Price\Percent;

it('is free until so long before the start, and costs its part after that', function (
    int $minutesBefore,
    int $cost,
): void {
    $terms = new CancellationTerms(24 * 60, Percent::of('50'));
    expect($terms->cost(5001, 10_000, 10_000 - $minutesBefore))->toBe($cost);
})->with([
    'days before' => [5 * 24 * 60, 0],
    'at the very instant' => [24 * 60, 0],
    'a minute later' => [24 * 60 - 1, 2501],
    'when it begins' => [0, 2501],
    'after it began' => [-30, 2501],
]);

it('costs an amount, at most what the visit costs, and all of it where the visit is free (L4, P9)', function (): void {
    $terms = new CancellationTerms(60, 1500);
    expect($terms->cost(0, 1000, 941))->toBe(1500)
        ->and($terms->noShow(9000))->toBe(1500)
        ->and($terms->noShow(1200))->toBe(1200)
        ->and($terms->freeUntil(1000))->toBe(940);
});

it('is free until it begins where no time before is named', function (): void {
    expect((new CancellationTerms(0, 700))->cost(0, 1000, 1000))->toBe(0)
        ->and((new CancellationTerms(0, 700))->cost(0, 1000, 1001))->toBe(700);
});
