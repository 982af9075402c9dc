<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Price\CodeUse;
use YardBell\Core\Price\Line;
use YardBell\Core\Price\LineKind;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\StaffShare;
use YardBell\Core\Price\Tax;

use function array_map;

/** The command `quote`: what a visit costs (rules.md P12). */
final class Quotes
{
    /**
     * @param  string  $request JSON
     * @return array<string, mixed>
     *
     * @throws BadDocument
     */
    public static function of(Scenario $scenario, string $request): array
    {
        $asked = QuoteRequest::read($request, $scenario);
        $quoting = new Quoting($scenario->prices, $scenario->book->zone);

        return self::written($quoting->quote($scenario->tariffs[$asked->service], $asked->visit, $asked->order));
    }

    /** @return array<string, mixed> */
    private static function written(Quote $quote): array
    {
        return [
            'priced' => $quote->isPriced(),
            'lines' => array_map(self::line(...), $quote->lines),
            'includedTax' => array_map(
                static fn (Tax $tax): array => [
                    'rate' => $tax->rate->id,
                    'line' => $tax->line,
                    'amount' => $tax->amount,
                ],
                $quote->includedTax,
            ),
            'total' => $quote->total,
            'taxIncluded' => $quote->isPriced() ? $quote->taxIncluded() : null,
            'taxAdded' => $quote->isPriced() ? $quote->taxAdded() : null,
            'dueNow' => $quote->dueNow,
            'dueLater' => $quote->dueLater(),
            'keepsCard' => $quote->keepsCard,
            'staffPay' => array_map(
                static fn (StaffShare $share): array => ['staff' => $share->staff, 'amount' => $share->amount],
                $quote->staffPay,
            ),
            'codes' => array_map(
                static fn (CodeUse $use): array => [
                    'code' => $use->named,
                    'applied' => $use->isApplied(),
                    'reason' => $use->reason?->value,
                ],
                $quote->codes,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Line $line): array
    {
        return Writer::some([
            'kind' => $line->kind->value,
            'label' => $line->label,
            'amount' => $line->amount,
            $line->kind === LineKind::Tax ? 'rate' : 'id' => $line->id,
            'quantity' => $line->quantity,
            'line' => $line->taxed,
            'net' => $line->net,
        ]);
    }
}
