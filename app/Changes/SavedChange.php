<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Models\SetupChange;

/** What is answered when something was saved or undone. */
final class SavedChange
{
    /**
     * @param  SetupChange|null  $change null: nothing was different
     * @param  list<string>  $ids of the things, in the order of the drafts
     * @return array<string, mixed>
     */
    public static function shape(Business $business, ?SetupChange $change, array $ids): array
    {
        return ['slug' => $business->slug, 'change' => $change?->id, 'ids' => $ids];
    }
}
