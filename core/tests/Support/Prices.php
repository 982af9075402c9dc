<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use RuntimeException;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Scenario\BadDocument;
use YardBell\Core\Scenario\Quotes;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Time\Zone;

/** Quotes of the command, short enough to stand in a test. */
final class Prices
{
    /** Lessons of 50.00, and one of everything that prices are made of. */
    public const BUSINESS = [
        'taxRates' => [
            ['id' => 'vat', 'name' => 'VAT', 'percent' => '23'],
            ['id' => 'city', 'name' => 'City tax', 'percent' => '2.5'],
        ],
        'surcharges' => [
            [
                'id' => 'late',
                'name' => 'Late',
                'when' => 'outside_hours',
                'hours' => ['mon' => [['from' => '09:00', 'to' => '12:00'], ['from' => '12:00', 'to' => '18:00']]],
                'amount' => 500,
                'staffAmount' => 100,
            ],
            [
                'id' => 'weekend',
                'name' => 'Weekend',
                'when' => 'weekdays',
                'weekdays' => ['sat', 'sun'],
                'percent' => '10',
                'staffPercent' => '50',
            ],
            ['id' => 'fair', 'name' => 'Fair', 'when' => 'dates', 'dates' => ['2027-03-06'], 'amount' => 100],
        ],
    ];

    /** By a service's own prices alone. */
    public static function quote(Tariff $tariff, Item $visit): Quote
    {
        return (new Quoting(new PriceList(), Zone::named('UTC')))->quote($tariff, $visit);
    }

    /**
     * @param  array<string, mixed>  $pricing
     * @param  array<string, mixed>  $service
     * @param  array<string, mixed>  $business
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function document(
        array $pricing = [],
        array $service = [],
        array $business = self::BUSINESS,
        array $more = [],
        array $bookings = [],
    ): array {
        return Days::document(
            [
                'pricing' => $pricing + ['kind' => 'fixed', 'amount' => 5000],
                'addOns' => [
                    ['id' => 'towel', 'name' => 'Towel', 'amount' => 300],
                    ['id' => 'clay', 'name' => 'Clay', 'amount' => 250, 'minutes' => 45, 'perPerson' => true],
                ],
                ...$service,
            ],
            $business,
            $bookings,
            $more + [
                'staff' => [['id' => 'ana'], ['id' => 'bo'], ['id' => 'cy']],
                'clients' => [['id' => 'c1', 'rates' => ['lesson' => 4500]], ['id' => 'c2']],
            ],
        );
    }

    /**
     * The answer to a request, on a Monday at ten unless told otherwise.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $request
     * @return array<string, mixed>
     */
    public static function answer(array $document, array $request = []): array
    {
        $request += [
            'service' => 'lesson',
            'start' => '2027-03-01T10:00Z',
            'orderedAt' => '2027-02-20T10:00Z',
        ];

        return Quotes::of(
            Reader::read(json_encode($document, JSON_THROW_ON_ERROR)),
            json_encode($request, JSON_THROW_ON_ERROR),
        );
    }

    /**
     * "base 5000, late 500, vat/0 1150, vat/1 115 = 6765": the lines, with what they are of, and the total.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $request
     */
    public static function lines(array $document, array $request = []): string
    {
        $answer = self::answer($document, $request);
        $lines = array_map(
            static fn (array $line): string => match ($line['kind']) {
                'tax' => "{$line['rate']}/{$line['line']}",
                default => $line['id'] ?? $line['kind'],
            }." {$line['amount']}",
            $answer['lines'],
        );

        return $answer['priced'] ? implode(', ', $lines)." = {$answer['total']}" : 'settled at the desk';
    }

    /**
     * "ana 2500, bo 100"
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $request
     */
    public static function pay(array $document, array $request = []): string
    {
        return implode(
            ', ',
            array_map(
                static fn (array $share): string => "{$share['staff']} {$share['amount']}",
                self::answer($document, $request + ['staff' => ['ana']])['staffPay'],
            ),
        );
    }

    /**
     * "spring, summer: dates": each code named, with why it does not apply.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $request
     */
    public static function codes(array $document, array $request = []): string
    {
        return implode(
            ', ',
            array_map(
                static fn (array $use): string => $use['code'].($use['applied'] ? '' : ": {$use['reason']}"),
                self::answer($document, $request)['codes'],
            ),
        );
    }

    /**
     * What is wrong with a document or a request.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $request
     */
    public static function problem(array $document, array $request = []): string
    {
        try {
            self::answer($document, $request);
        } catch (BadDocument $wrong) {
            return $wrong->getMessage();
        }

        throw new RuntimeException('Nothing was wrong.');
    }
}
