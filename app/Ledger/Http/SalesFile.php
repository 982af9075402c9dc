<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleFinder;
use App\Support\Money;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sales, narrowed down, as a file. */
final readonly class SalesFile
{
    private const HEAD = [
        'sale',
        'date',
        'name',
        'what',
        'total',
        'due',
        'returning',
        'state',
        'documents',
        'currency',
    ];

    public function __construct(private SaleFinder $find)
    {
    }

    public function __invoke(Request $request): StreamedResponse
    {
        $business = Asker::business($request);
        $plain = static fn (int $amount): string => Money::plain($amount, $business->currency);
        $found = ($this->find)($business, SalesAsked::read($request), size: SaleFinder::MOST)['rows'];
        $rows = array_map(
            static fn (array $sale): array => [
                $sale['id'],
                $sale['at'],
                $sale['name'],
                $sale['what'],
                $plain($sale['total']),
                $plain($sale['due']),
                $plain($sale['returning']),
                $sale['state'],
                implode(' ', $sale['numbers']),
                $business->currency,
            ],
            $found,
        );

        return Csv::of('sales', self::HEAD, $rows);
    }
}
