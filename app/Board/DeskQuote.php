<?php

declare(strict_types=1);

namespace App\Board;

use App\Bookings\ChoiceQuote;
use App\Bookings\LowerEarlier;
use App\Models\Business;
use App\Times\Choice;
use App\Times\VisitChoice;

/** What the desk's sentence costs, as far as it says: at the prices of whoever is named, before a code. */
final readonly class DeskQuote
{
    public function __construct(private ChoiceQuote $quote, private LowerEarlier $lower)
    {
    }

    /**
     * @param  VisitChoice|null  $visit where others follow that choice
     * @param  int|null  $start instant; null: none is named
     * @param  string|null  $client who is known; null: somebody new
     * @return array{priced: bool, exact: bool, total: int, from: int|null, earlier: int} in the minor unit; "earlier"
     *   is what earlier visits of theirs cost less with it
     */
    public function of(
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        ?int $start,
        ?string $client,
    ): array {
        $all = $business->services()->getQuery();
        $quote = $visit === null
            ? $this->quote->of(
                business: $business,
                offered: $all,
                choice: $choice,
                start: $start,
                client: $client,
            )
            : $this->quote->ofVisit(
                business: $business,
                offered: $all,
                visit: $visit,
                start: $start,
                client: $client,
            );
        $pricing = $business->services()->findOrFail($choice->service)->pricing;

        return [
            'priced' => $quote['priced'],
            'exact' => $quote['exact'],
            'total' => $quote['total'],
            'from' => $visit === null && $pricing['kind'] === 'from' ? $pricing['amount'] : null,
            'earlier' => $start === null || $client === null || $visit !== null
                ? 0
                : $this->lower->wouldTakeOff($business, $choice->service, $start, $client),
        ];
    }
}
