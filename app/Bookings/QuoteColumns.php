<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\AskedToPay;
use App\Models\Booking;
use App\Models\Service;
use YardBell\Core\Price\Line;
use YardBell\Core\Price\Quote;

/** A quote as it is kept with the booking it was sold in: changing prices or terms afterwards changes nothing of it. */
final class QuoteColumns
{
    /** @return array<string, mixed> columns of the booking */
    public static function columns(Quote $quote, Service $service): array
    {
        return [
            'price' => $quote->total ?? 0,
            'from_price' => $quote->isPriced() || $service->pricing['kind'] !== 'from'
                ? null
                : $service->pricing['amount'],
            'due_now' => $quote->dueNow,
            'payment' => $quote->isPriced() ? AskedToPay::from($service->payment_terms['kind']) : AskedToPay::PriceOpen,
            'cancellation' => $service->cancellation,
            'lines' => self::lines($quote),
            'taxes' => self::taxes($quote),
            'staff_pay' => array_column($quote->staffPay, 'amount', 'staff'),
        ];
    }

    /** @return list<array{name: string, percent: string, amount: int}> what the price includes, by rate */
    public static function includedTax(Quote $quote): array
    {
        return Booking::includedOf(self::taxes($quote));
    }

    /**
     * @return list<array{name: string, percent: string, included: bool, net: int, amount: int}> by rate, with what each
     *   was reckoned on
     */
    private static function taxes(Quote $quote): array
    {
        $isIncluded = $quote->includedTax !== [];
        $onLine = [];
        foreach ($quote->includedTax as $tax) {
            $onLine[$tax->line] = ($onLine[$tax->line] ?? 0) + $tax->amount;
        }
        $rates = [];
        foreach ($isIncluded ? $quote->includedTax : $quote->addedTax as $tax) {
            $rates[$tax->rate->id] ??= [
                'name' => $tax->rate->name,
                'percent' => $tax->rate->percent->written(),
                'included' => $isIncluded,
                'net' => 0,
                'amount' => 0,
            ];
            $rates[$tax->rate->id]['net'] += ($quote->lines[$tax->line]->net ?? 0) - ($onLine[$tax->line] ?? 0);
            $rates[$tax->rate->id]['amount'] += $tax->amount;
        }

        return array_values($rates);
    }

    /**
     * @return list<array{
     *     kind: string, label: string, amount: int, id?: string, quantity?: int, net?: int, line?: int,
     * }>
     */
    public static function lines(Quote $quote): array
    {
        return array_map(
            static fn (Line $line): array => [
                'kind' => $line->kind->value,
                'label' => $line->label,
                'amount' => $line->amount,
            ] +
                ($line->id === null ? [] : ['id' => $line->id]) +
                ($line->quantity === null ? [] : ['quantity' => $line->quantity]) +
                ($line->net === null || $line->net === $line->amount ? [] : ['net' => $line->net]) +
                ($line->taxed === null ? [] : ['line' => $line->taxed]),
            $quote->lines,
        );
    }
}
