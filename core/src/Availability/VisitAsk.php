<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T20: what is asked of the search for visits: the parts, and on which local dates (both included) they may begin. */
final readonly class VisitAsk
{
    /** Parts of a visit. */
    public const FEWEST = 2;

    public const MOST = 6;

    /** Minutes that somebody may be let wait between two parts. */
    public const LONGEST_WAIT = 240;

    /**
     * @param  list<VisitPart>  $parts in the order asked
     * @param  int  $now instant in minutes
     * @param  int  $party of every part
     * @param  string|null  $location null: at any one
     * @param  int  $maxWait minutes between the end of a part and the start of the next
     * @param  bool  $anyOrder whether the parts may be done in another order
     * @param  bool  $samePerson whether all parts are taken by the same people
     */
    public function __construct(
        public array $parts,
        public int $fromDay,
        public int $toDay,
        public int $now,
        public int $party = 1,
        public ?string $location = null,
        public int $maxWait = 0,
        public bool $anyOrder = false,
        public bool $samePerson = false,
        public Relaxed $relaxed = new Relaxed(),
    ) {
    }
}
