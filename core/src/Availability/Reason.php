<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/**
 * T19: a rule that stands in the way, the thing that causes it ("booking b1", "closure summer"), and a sentence for
 * people.
 */
final readonly class Reason
{
    /**
     * @param  string  $rule "T6"
     * @param  array{from?: int, until?: int, member?: string, pool?: string, travel?: bool}  $facts what the sentence
     *   is
     *   made of: instants, ids
     */
    public function __construct(
        public string $rule,
        public string $because,
        public string $detail,
        public array $facts = [],
    ) {
    }
}
