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
     * @param  list<Draft<Content>>  $drafts that were saved
     * @return array<string, mixed>
     */
    public static function shape(Business $business, ?SetupChange $change, array $drafts): array
    {
        return [
            'slug' => $business->slug,
            'change' => $change?->id,
            'ids' => array_map(static fn (Draft $draft): string => $draft->id, $drafts),
            'versions' => array_map(
                static fn (Draft $draft): ?string => Version::of($draft->thing->read($business, $draft->id)),
                $drafts,
            ),
        ];
    }
}
