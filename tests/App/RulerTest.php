<?php

declare(strict_types=1);

use App\Support\Ruler;

it('draws whole hours around what there is, and usual ones where there is nothing', function (): void {
    expect(Ruler::around([545, 1019, 600])->toArray())->toBe(['from' => 540, 'to' => 1020])
        ->and(Ruler::around([540, 1020])->toArray())->toBe(['from' => 540, 'to' => 1020])
        ->and(Ruler::around([])->toArray())->toBe(['from' => 540, 'to' => 1080])
        ->and(Ruler::around([], 480, 600)->hours())->toBe([480, 540, 600]);
});

it('leaves the night out where it would be too long', function (): void {
    expect(Ruler::around([0, 1440])->atMost(780, 420, 1320)->toArray())->toBe(['from' => 420, 'to' => 1320])
        ->and(Ruler::around([300, 1080])->atMost(780, 420, 1320)->toArray())->toBe(['from' => 300, 'to' => 1080])
        ->and(Ruler::around([480, 1440])->atMost(780, 420, 1320)->toArray())->toBe(['from' => 480, 'to' => 1320]);
});
