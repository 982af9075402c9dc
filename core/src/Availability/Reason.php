<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Window;

use function array_map;
use function implode;
use function is_array;

/**
 * T19: a rule that stands in the way, what of it does, and the things that cause it. Without words: what is told is
 * made of the facts.
 *
 * @phpstan-type Facts array{
 *   member?: string, pool?: string, unit?: string, location?: string,
 *   from?: int, until?: int, by?: int, day?: int, days?: int, minutes?: int,
 *   party?: int, places?: int, left?: int, units?: int, wanted?: int, count?: int, most?: int,
 *   wished?: bool, parts?: list<string>, windows?: list<Window>, stretches?: list<array{int, int}>,
 *   lost?: list<array{member: string, from: int, until: int}>,
 * }
 */
final readonly class Reason
{
    /** @var list<Cause> at least one */
    public array $causes;

    /**
     * @param  string  $rule "T6"
     * @param  Cause|list<Cause>  $causes
     * @param  Facts  $facts ids, instants ("from", "until"), day numbers and counts; "by" is how far off in minutes, or
     *   in days where days are counted
     */
    public function __construct(
        public string $rule,
        public Obstacle $what,
        Cause|array $causes,
        public array $facts = [],
    ) {
        $this->causes = is_array($causes) ? $causes : [$causes];
    }

    /** "booking b1, booking b2" */
    public function because(): string
    {
        return implode(', ', array_map(static fn (Cause $cause): string => $cause->written(), $this->causes));
    }
}
