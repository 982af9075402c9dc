<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Ledger\SaleFinder;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\Request;

/**
 * Which sales are looked for.
 *
 * @phpstan-import-type Asked from SaleFinder
 */
final class SalesAsked
{
    /** @return Asked */
    public static function read(Request $request): array
    {
        $given = Given::in($request->validate([
            'text' => 'nullable|string|max:120',
            'state' => 'nullable|in:all,due,open,paid,back',
            'from' => ['nullable', Checks::date()],
            'until' => ['nullable', Checks::date()],
        ]));

        return [
            'text' => trim($given->stringIf('text') ?? ''),
            'state' => $given->stringIf('state') ?? 'all',
            'from' => $given->stringIf('from'),
            'until' => $given->stringIf('until'),
        ];
    }
}
