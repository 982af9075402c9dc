<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleFinder;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Money;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sales, the latest first, narrowed down; a page of them, or all as a file. */
final readonly class FindSales
{
    public function __construct(private SaleFinder $find)
    {
    }

    public function __invoke(Request $request): JsonResponse|StreamedResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate([
            'text' => 'nullable|string|max:120',
            'state' => 'nullable|in:all,due,paid,back',
            'from' => ['nullable', Checks::date()],
            'until' => ['nullable', Checks::date()],
            'page' => 'nullable|integer|min:0|max:10000',
            'as' => 'nullable|in:csv',
        ]));
        $asked = [
            'text' => trim($given->stringIf('text') ?? ''),
            'state' => $given->stringIf('state') ?? 'all',
            'from' => $given->stringIf('from'),
            'until' => $given->stringIf('until'),
        ];
        if ($given->stringIf('as') === null) {
            $found = ($this->find)($business, $asked, (int) $request->query('page', '0'));

            return new JsonResponse([...$found, 'currency' => $business->currency]);
        }

        return Csv::of(
            'sales',
            ['sale', 'date', 'name', 'what', 'total', 'due', 'returning', 'state', 'documents', 'currency'],
            array_map(
                static fn (array $sale): array => [
                    $sale['id'],
                    $sale['at'],
                    $sale['name'],
                    $sale['what'],
                    Money::plain($sale['total'], $business->currency),
                    Money::plain($sale['due'], $business->currency),
                    Money::plain($sale['returning'], $business->currency),
                    $sale['state'],
                    implode(' ', $sale['numbers']),
                    $business->currency,
                ],
                ($this->find)($business, $asked, size: SaleFinder::MOST)['rows'],
            ),
        );
    }
}
