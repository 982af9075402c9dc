<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\ChoiceQuote;
use App\Models\Business;
use App\Times\Choice;
use App\Times\VisitChoice;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * What a choice of what clients can book costs.
 *
 * @phpstan-import-type Quoted from ChoiceQuote
 */
final readonly class GateQuote
{
    public function __construct(private ChoiceQuote $quote)
    {
    }

    /**
     * @param  VisitChoice|null  $visit where others follow that choice
     * @param  int|null  $start instant; null: not chosen yet
     * @param  string|null  $client who is known, and has their own prices
     * @param  list<string>  $codes as they were typed
     * @return Quoted
     *
     * @throws ModelNotFoundException where clients cannot book the service
     */
    public function of(
        Business $business,
        Choice $choice,
        ?VisitChoice $visit = null,
        ?int $start = null,
        ?string $client = null,
        array $codes = [],
    ): array {
        $offered = GatePage::offered($business)->getQuery();

        return $visit === null
            ? $this->quote->of(
                business: $business,
                offered: $offered,
                choice: $choice,
                start: $start,
                client: $client,
                codes: $codes,
            )
            : $this->quote->ofVisit(
                business: $business,
                offered: $offered,
                visit: $visit,
                start: $start,
                client: $client,
                codes: $codes,
            );
    }
}
