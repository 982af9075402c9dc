<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Given;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Money;
use App\Times\Choice;
use App\Times\VisitChoice;

/** What is chosen, as the page shows it without scripts: fields to choose by, and the time that is picked. */
final readonly class PlainChoice
{
    private const MOST_PARTY = 20;

    public function __construct(private GateQuote $quote, private Catalogue $catalogue)
    {
    }

    /**
     * @param  Given  $page as GatePage tells it
     * @return array{
     *     service: string, party: int, parties: list<int>, minutes: int|null, lengths: list<int>,
     *     with: string|null, people: array<string, string>, place: string|null, places: array<string, string>,
     *     asks: bool,
     * } fields of one answer are left empty
     */
    public function choices(Given $page, Choice $choice): array
    {
        $service = Given::in([]);
        foreach ($page->each('services') as $one) {
            $service = $one->string('id') === $choice->service ? $one : $service;
        }
        $named = static function (string $list, array $ids) use ($page): array {
            $names = [];
            foreach ($page->each($list) as $one) {
                if (in_array($one->string('id'), $ids, true)) {
                    $names[$one->string('id')] = $one->string('name');
                }
            }

            return count($names) > 1 ? $names : [];
        };
        $most = min(self::MOST_PARTY, $service->intIf('largestParty') ?? 1);
        $lengths = $service->ints('lengths');

        $of = [
            'parties' => $most > 1 ? range(1, $most) : [],
            'lengths' => count($lengths) > 1 ? $lengths : [],
            'people' => $named('staff', $service->strings('staff')),
            'places' => $named('locations', $service->strings('locations')),
        ];

        return $of + [
            'service' => $choice->service,
            'party' => $choice->party,
            'minutes' => $choice->minutes,
            'with' => $choice->member,
            'place' => $choice->location,
            'asks' => array_filter($of) !== [],
        ];
    }

    /**
     * @param  int|null  $start instant; null: none is picked
     * @param  string|null  $client who is known, and has their own prices
     * @return array{when: string, price: string, terms: string}|null
     */
    public function picked(
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        ?int $start,
        ?string $client,
    ): ?array {
        if ($start === null) {
            return null;
        }
        $quote = $this->quote->of(
            business: $business,
            choice: $choice,
            visit: $visit,
            start: $start,
            client: $client,
        );
        $total = Money::written($quote['total'], $business->currency);

        return [
            'when' => $this->catalogue->sentence(LocalTime::written(Instants::carbon($start), $business)),
            'price' => match (true) {
                ! $quote['priced'] => $this->catalogue->say('money.on_request'),
                ! $quote['exact'] => $this->catalogue->say('money.from', ['amount' => $total]),
                $quote['total'] === 0 => $this->catalogue->say('money.free'),
                default => $total,
            },
            'terms' => $quote['terms'],
        ];
    }
}
