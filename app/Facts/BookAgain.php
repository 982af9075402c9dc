<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Booking;
use App\Models\Business;
use App\Support\ClientLink;

/** The way to the same once more: the Gate with all of it chosen but the time (see Gate\GateLink). */
final readonly class BookAgain
{
    public function __construct(private ClientLink $links)
    {
    }

    /**
     * @param  non-empty-list<Booking>  $parts in order of time
     * @return string "/book/yard?service=…&with=…&of=…", which tells who follows it (see Gate\KnownClient)
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

        return "/book/{$business->slug}?".http_build_query($says)."&{$this->known($first)}";
    }

    /**
     * The same, to be mailed.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     */
    public function link(Business $business, array $parts): string
    {
        return config()->string('app.url').$this->path($business, $parts);
    }

    /** The way to anything else, for whom this booking is of. */
    public function another(Business $business, Booking $of): string
    {
        return "/book/{$business->slug}?{$this->known($of)}";
    }

    private function known(Booking $of): string
    {
        return "of={$of->id}&{$this->links->query($of)}";
    }
}
