<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Zone;

use function array_diff_key;
use function array_keys;
use function sort;

/** When somebody, or some together, can be had at one place. */
final class Offered
{
    private self|false|null $compared = false;

    /** @var array<int, list<int>> */
    private array $more = [];

    /**
     * @param  list<string>  $staff
     * @param  array<int, mixed>  $starts by instant
     */
    public function __construct(
        public readonly array $staff,
        public readonly ?string $location,
        public readonly array $starts,
    ) {
    }

    /**
     * What it has and the other has not; asked of the same other again and again, where services are alike.
     *
     * @return array<int, list<int>> instants in order, by local date (a day number)
     */
    public function beyond(?self $other, Zone $zone): array
    {
        if ($this->compared !== $other) {
            $this->compared = $other;
            $this->more = [];
            $starts = array_keys(array_diff_key($this->starts, $other->starts ?? []));
            sort($starts);
            foreach ($starts as $start) {
                $this->more[$zone->day($start)][] = $start;
            }
        }

        return $this->more;
    }
}
