<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Business;
use App\Times\Choice;
use App\Times\OpenTimes;
use App\Times\VisitChoice;

/** What the page shows of a choice before any script asks: its times and what it costs. */
final readonly class FirstLook
{
    public function __construct(private OpenTimes $times, private GateQuote $quote)
    {
    }

    /** @return array{times: mixed, quote: array<string, mixed>, visit: array<string, mixed>|null} */
    public function of(
        Business $business,
        Choice $choice,
        ?VisitChoice $visit,
        ?int $day,
        ?string $client,
    ): array {
        $times = json_decode($this->times->answer($business, $choice, $visit, $day), true, flags: JSON_THROW_ON_ERROR);

        return $visit === null
            ? [
                'times' => $times,
                'quote' => $this->quote->of($business, $choice, client: $client),
                'visit' => null,
            ]
            : [
                'times' => $times,
                'quote' => $this->quote->of($business, $choice, $visit, client: $client),
                'visit' => [
                    'then' => array_map(
                        static fn (Choice $part): array => [
                            'service' => $part->service,
                            'staff' => $part->member,
                            'minutes' => $part->minutes,
                            'addOns' => (object) [],
                        ],
                        array_slice($visit->parts, 1),
                    ),
                    'maxWait' => $visit->maxWait,
                    'anyOrder' => $visit->anyOrder,
                    'samePerson' => $visit->samePerson,
                ],
            ];
    }
}
