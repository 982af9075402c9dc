<?php

declare(strict_types=1);

use App\Support\Ruler;

it('draws whole hours around what there is, and usual ones where there is nothing', function (): void {
    expect(Ruler::around([545, 1019, 600])->toArray())->toBe(['from' => 540, 'to' => 1020])
        ->and(Ruler::around([540, 1020])->toArray())->toBe(['from' => 540, 'to' => 1020])
        ->and(Ruler::around([])->toArray())->toBe(['from' => 540, 'to' => 1080])
        ->and(Ruler::around([], 480, 600)->hours())->toBe([480, 540, 600]);
});
