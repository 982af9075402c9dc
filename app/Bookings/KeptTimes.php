<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use Illuminate\Contracts\Cache\Repository;

/**
 * The almanac as the Gate first shows it, kept on this machine ready to be sent. It is true as long as all that it is
 * made of is the same: the set-up, what is taken around its dates, and the minute. So nothing has to be told that it
 * changed.
 */
final readonly class KeptTimes
{
    public function __construct(private Repository $cache, private RulesReader $rules)
    {
    }

    /** @return string|null JSON; null where none is kept that is still true */
    public function of(Business $business, Choice $choice, int $now): ?string
    {
        $kept = self::isKept($choice) ? $this->cache->get(self::key($business, $choice)) : null;
        if (
            ! is_array($kept) ||
            $kept[0] !== [$business->rules_mark, $now] ||
            ! is_string($kept[3]) ||
            ! $kept[1] instanceof DiaryWindow ||
            $this->rules->mark($business, $kept[1]) !== $kept[2]
        ) {
            return null;
        }

        return $kept[3];
    }

    public function keep(
        Business $business,
        Choice $choice,
        int $now,
        DiaryWindow $window,
        DiaryRows $taken,
        string $times,
    ): void {
        if (self::isKept($choice)) {
            $kept = [[$business->rules_mark, $now], $window, $taken->mark(), $times];
            $this->cache->put(self::key($business, $choice), $kept, 60);
        }
    }

    /** Only what many look at is kept, so that what is kept stays little whatever is asked. */
    private static function isKept(Choice $choice): bool
    {
        return $choice->party === 1 && $choice->minutes === null && $choice->addOns === [];
    }

    private static function key(Business $business, Choice $choice): string
    {
        return "times-{$business->id}-{$choice->service}-{$choice->member}-{$choice->location}";
    }
}
