<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\CloseDay;
use App\Ledger\Count;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Closes the day that is. */
final readonly class CloseToday
{
    public function __construct(private CloseDay $close)
    {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::check($request, [
            'counted' => Amounts::some(),
            'banked' => Amounts::some(),
            'seen' => 'required|integer',
            'note' => 'nullable|string|max:1000',
        ]);
        $count = new Count($asked->int('counted'), $asked->int('banked'), $asked->stringIf('note') ?? '');
        $close = ($this->close)($business, $count, $asked->int('seen'), Asker::access($request)->user->name);

        return new JsonResponse(['day' => $close->day]);
    }
}
