<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\TermsWords;
use App\Facts\WholeVisit;
use App\Models\Business;
use App\Models\Service;
use App\Models\Session;
use App\Prices\CodeUses;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Column;
use App\Support\Instants;
use App\Times\Choice;
use App\Times\VisitChoice;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\LineKind;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;

/**
 * What a choice costs, line by line: with anyone, and before a time is chosen, the least it can cost.
 *
 * @phpstan-type Quoted array{
 *     minutes: int, priced: bool, exact: bool, total: int, dueNow: int, keepsCard: bool,
 *     lines: list<array{
 *         kind: string, label: string, amount: int, id?: string, quantity?: int, net?: int, line?: int,
 *     }>,
 *     includedTax: list<array{name: string, percent: string, amount: int}>,
 *     terms: string,
 * }
 */
final readonly class ChoiceQuote
{
    public function __construct(
        private PriceLists $lists,
        private ClientPrices $prices,
        private TermsWords $terms,
        private CodeUses $uses,
    ) {
    }

    /**
     * @param  Builder<Service>  $offered the services that may be quoted
     * @param  int|null  $start instant; null: not chosen yet
     * @param  string|null  $client who is known, and has their own prices
     * @param  list<string>  $codes as they were typed
     * @param  array<string, int>  $codesUsed what others of the order have taken, by code
     * @return Quoted
     *
     * @throws ModelNotFoundException where the service is none of them
     */
    public function of(
        Business $business,
        Builder $offered,
        Choice $choice,
        ?int $start = null,
        ?string $client = null,
        array $codes = [],
        array $codesUsed = [],
    ): array {
        $service = (clone $offered)->with('staff')->findOrFail($choice->service);
        $tariff = $this->lists->tariff($business, $service->id);
        $list = $this->lists->of($business);
        $list = $codes === [] ? $list : $list->withCodes($this->uses->counted($business));
        $quoting = new Quoting($list, $business->zone());
        $order = $this->prices->order($business, $list, $client, codes: $codes, codesUsed: $codesUsed);
        $session = $start === null ? null : self::sessionMinutes($service, $start);
        $quotes = array_map(
            static fn (array $staff): Quote => Tariffs::quote(
                $quoting,
                $tariff,
                new Item(
                    $session ?? $choice->minutes,
                    $staff,
                    $choice->party,
                    $choice->addOns,
                    start: $start,
                    isSession: $session !== null,
                ),
                $order,
            ),
            self::takers($service, $choice),
        );
        $total = static fn (Quote $quote): int => $quote->total ?? PHP_INT_MAX;
        usort($quotes, static fn (Quote $a, Quote $b): int => $total($a) <=> $total($b));
        $quote = $quotes[0];

        return [
            'minutes' => ($tariff->lengths?->named($choice->minutes) ?? $service->minutes) + $choice->extra,
            'priced' => $quote->isPriced(),
            'exact' => $quote->total === $quotes[count($quotes) - 1]->total &&
                ($start !== null || ! self::dependsOnTime($list, $tariff)),
            'lines' => QuoteColumns::lines($quote),
            'includedTax' => QuoteColumns::includedTax($quote),
            'total' => $quote->total ?? 0,
            'dueNow' => $quote->dueNow,
            'keepsCard' => $quote->keepsCard,
            'terms' => $this->terms->of($business, $service->cancellation, $start),
        ];
    }

    /**
     * What a visit of several services costs (rules.md T20): each by itself, and all of them together. When the later
     * ones begin is not known before the time is kept.
     *
     * @param  Builder<Service>  $offered the services that may be quoted
     * @param  int|null  $start instant of the first; null: not chosen yet
     * @param  string|null  $client who is known, and has their own prices
     * @param  list<string>  $codes as they were typed
     * @return Quoted
     */
    public function ofVisit(
        Business $business,
        Builder $offered,
        VisitChoice $visit,
        ?int $start = null,
        ?string $client = null,
        array $codes = [],
    ): array {
        [$quotes, $terms, $taken] = [[], [], []];
        foreach ($visit->parts as $i => $part) {
            $at = $i === 0 && ! $visit->anyOrder ? $start : null;
            $quotes[] = $quote = $this->of(
                business: $business,
                offered: $offered,
                choice: $part,
                start: $at,
                client: $client,
                codes: $codes,
                codesUsed: $taken,
            );
            foreach ($quote['lines'] as $line) {
                if ($line['kind'] === LineKind::Code->value && isset($line['id'])) {
                    $taken[$line['id']] = ($taken[$line['id']] ?? 0) - $line['amount'];
                }
            }
            $terms[] = [$business->services()->findOrFail($part->service)->name, $quote['terms']];
        }

        return [
            'minutes' => array_sum(array_column($quotes, 'minutes')),
            'priced' => ! in_array(false, array_column($quotes, 'priced'), true),
            'exact' => ! in_array(false, array_column($quotes, 'exact'), true),
            'lines' => WholeVisit::lines(array_column($quotes, 'lines')),
            'includedTax' => WholeVisit::taxes(array_merge(...array_column($quotes, 'includedTax'))),
            'total' => array_sum(array_column($quotes, 'total')),
            'dueNow' => array_sum(array_column($quotes, 'dueNow')),
            'keepsCard' => in_array(true, array_column($quotes, 'keepsCard'), true),
            'terms' => $this->terms->ofParts($terms),
        ];
    }

    /** A session lasts as long as it is scheduled, and may run on into dearer hours. */
    private static function sessionMinutes(Service $service, int $start): ?int
    {
        return $service->kind !== 'session'
            ? null
            : Session::query()
                ->where('business_id', $service->business_id)
                ->where('service_id', $service->id)
                ->where('starts_at', Instants::carbon($start))
                ->first()?->minutes;
    }

    /** Whether a surcharge can come on top, or a level off, once a time is chosen. */
    private static function dependsOnTime(PriceList $list, Tariff $tariff): bool
    {
        $surcharges = array_map(strval(...), array_keys($list->surcharges));

        return $tariff->pricing->frequencies !== [] ||
            array_diff($surcharges, $tariff->pricing->excludeSurcharges) !== [];
    }

    /** @return non-empty-list<list<string>> who may take it together */
    private static function takers(Service $service, Choice $choice): array
    {
        $active = Column::strings($service->staff->where('active', true)->pluck('id'));

        return match (true) {
            $choice->member !== null => [[$choice->member]],
            $service->kind === 'session', $active === [] => [[]],
            $service->assignment === 'all' => [$active],
            default => array_map(static fn (string $id): array => [$id], $active),
        };
    }
}
