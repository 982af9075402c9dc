<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use Carbon\CarbonImmutable;

/** How far back whoever reads what is taken must look for what is still going on: as long as the longest has lasted. */
final class ReachBack
{
    public static function over(Business $business, CarbonImmutable $from, CarbonImmutable $until): void
    {
        $taken = (int) $from->diffInMinutes($until);
        if ($taken > $business->longest_taken) {
            Business::query()
                ->whereKey($business->id)
                ->where('longest_taken', '<', $taken)
                ->update(['longest_taken' => $taken]);
        }
    }
}
