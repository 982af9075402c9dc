<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Business;
use Illuminate\Contracts\Cache\Repository;

/**
 * The almanac as the Gate first shows it, kept on this machine. It is true as long as all that it is made of is the
 * same: the set-up, what is taken around its dates, and the minute. So nothing has to be told that it changed.
 */
final readonly class KeptTimes
{
    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param  callable(): array<string, mixed>  $make
     * @return array<string, mixed>
     */
    public function of(Business $business, Choice $choice, int $now, DiaryRows $taken, callable $make): array
    {
        // Only what many look at is kept, so that what is kept stays little whatever is asked.
        if ($choice->party !== 1 || $choice->minutes !== null || $choice->addOns !== []) {
            return $make();
        }
        $key = "times-{$business->id}-{$choice->service}-{$choice->member}-{$choice->location}";
        $made = [$business->rules_mark, $now, $taken->fingerprint()];
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $made) {
            /** @var array<string, mixed> $times as it was put there, below */
            $times = $kept[1];

            return $times;
        }
        $times = $make();
        $this->cache->put($key, [$made, $times], 60);

        return $times;
    }
}
