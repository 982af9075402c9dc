<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\Verdict;

use function array_map;
use function array_unique;
use function array_values;
use function substr;
use function usort;

/** T23: one time of a repeat: the row it takes, or why it takes none, and the nearest that it could. */
final readonly class Occurrence
{
    /**
     * @param  int  $start instant
     * @param  list<Verdict>  $verdicts T19, of all people and places asked; none where it fits
     * @param  Slot|null  $nearest of the dates around, where it does not fit
     */
    public function __construct(
        public int $start,
        public ?Slot $row,
        public array $verdicts = [],
        public ?Slot $nearest = null,
    ) {
    }

    /** @return list<string> the ids of the rules in the way, by number, each once */
    public function rules(): array
    {
        $rules = [];
        foreach ($this->verdicts as $verdict) {
            array_push($rules, ...array_map(static fn (Reason $reason): string => $reason->rule, $verdict->reasons));
        }
        $rules = array_values(array_unique($rules));
        usort($rules, static fn (string $a, string $b): int => (int) substr($a, 1) <=> (int) substr($b, 1));

        return $rules;
    }
}
