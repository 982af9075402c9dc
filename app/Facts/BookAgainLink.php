<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Booking;
use App\Models\Business;
use App\Support\ClientLink;

/** The way to the same once more: the Gate with all of it chosen but the time (see Gate\GateLink). */
final readonly class BookAgainLink
{
    public function __construct(private ClientLink $links)
    {
    }

    /**
     * @param  non-empty-list<Booking>  $parts in order of time
     * @return string "/book/yard?service=…&with=…"
     */
    public function path(Business $business, array $parts): string
    {
        [$first] = $parts;
        $then = array_map(
            static fn (Booking $part): string => $part->service_id.
                (isset($part->staff_ids[0]) ? "/with/{$part->staff_ids[0]}" : '').
                '/for/'.($part->minutes - $part->extra_minutes),
            array_slice($parts, 1),
        );
        $says = array_filter([
            'service' => $first->service_id,
            'with' => $first->staff_ids[0] ?? null,
            'place' => $first->location_id,
            'minutes' => $first->session_id === null ? $first->minutes - $first->extra_minutes : null,
            'party' => $first->party > 1 ? $first->party : null,
            'then' => $then === [] ? null : implode(',', $then),
        ]);

        return "/book/{$business->slug}?".http_build_query($says)."&of={$first->id}&{$this->links->query($first)}";
    }

    /**
     * The same as it is mailed, or shown to whom a mail has led: it tells who follows it (see Gate\KnownClient).
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     */
    public function mailedPath(Business $business, array $parts): string
    {
        return "{$this->path($business, $parts)}&mailed={$this->links->mailSeal($parts[0])}";
    }

    /** The way to anything else, likewise. */
    public function another(Business $business, Booking $of): string
    {
        return "/book/{$business->slug}?of={$of->id}&{$this->links->mailedQuery($of)}";
    }
}
