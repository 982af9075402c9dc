<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** Something that keeps bookings from happening, or should not have happened. Without words: see Fault. */
final readonly class Finding
{
    /**
     * @param  string  $list "services", "staff", …: the list of the document it is about; "business" for none
     * @param  string|null  $id of the thing in that list; null: the list or the business itself
     * @param  string  $part "/hours": which part of it; empty for all of it
     * @param  array<string, int|string>  $facts names, and counts or minutes
     */
    public function __construct(
        public string $list,
        public ?string $id,
        public string $part,
        public Fault $fault,
        public array $facts = [],
    ) {
    }
}
