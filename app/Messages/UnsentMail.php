<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Booking;
use App\Models\ChannelName;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\OutboxState;
use App\Outbox\Outbox;
use Illuminate\Database\Eloquent\Builder;

/** Mail about bookings that has not left: what it would tell, and that it is not sent where it is not true any more. */
final class UnsentMail
{
    /** Whether it has left that this is cancelled, or cannot be stopped any more. */
    public static function isKnownCancelled(Booking $booking): bool
    {
        return self::of([$booking])
            ->where('occasion', Occasion::Cancelled)
            ->whereNotIn('state', [OutboxState::Dropped, OutboxState::Waiting])
            ->exists();
    }

    /**
     * When and with whom those who are told of it believe that these are: what has not left yet, they do not know.
     *
     * @param  list<Booking>  $bookings before they are moved
     * @return array<string, string> by booking
     */
    public static function knownPlaces(array $bookings): array
    {
        $known = [];
        foreach ($bookings as $booking) {
            $known[$booking->id] = self::place($booking);
        }
        $unsent = self::of($bookings)
            ->where('occasion', Occasion::Moved)
            ->where('state', OutboxState::Waiting)
            ->get();
        foreach ($unsent as $entry) {
            $known = array_replace($known, array_intersect_key($entry->places(), $known));
        }

        return $known;
    }

    /** When, and with whom; of a place in a session, when and where. */
    public static function place(Booking $booking): string
    {
        $there = $booking->session_id === null ? implode(' ', $booking->staff_ids) : $booking->location_id;

        return "{$booking->starts_at->format('Y-m-d\TH:i\Z')} {$there}";
    }

    /**
     * Whether their client is about to be told when they are.
     *
     * @param  list<Booking>  $bookings
     */
    public static function isToClient(array $bookings): bool
    {
        return self::of($bookings)
            ->where('audience', Audience::Client)
            ->whereIn('occasion', [Occasion::Booked, Occasion::Moved])
            ->where('state', OutboxState::Waiting)
            ->exists();
    }

    /**
     * What still waits to tell when it is, or whether it is, is not sent any more. Papers, links and words are, and a
     * mail about several tells of the others.
     */
    public static function drop(Booking $booking): void
    {
        $waiting = self::of(self::together($booking))
            ->whereIn('occasion', Occasion::ABOUT_THE_TIME)
            ->where('state', OutboxState::Waiting)
            ->orderBy('id')
            ->get();
        $over = [];
        foreach ($waiting as $entry) {
            $about = explode(' ', $entry->text('all') ?: (string) $entry->booking_id);
            $others = array_values(array_diff($about, [$booking->id]));
            if ($others === []) {
                $over[] = $entry->id;
            } elseif ($others !== $about) {
                $entry->content = ['all' => implode(' ', $others)] + $entry->content;
                $entry->booking_id = $entry->booking_id === $booking->id ? $others[0] : $entry->booking_id;
                $entry->save();
            }
        }
        Outbox::drop($over);
    }

    /** @return non-empty-list<Booking> itself and those that it may share a mail with: of its visit, of its repeat */
    private static function together(Booking $booking): array
    {
        $shared = ['visit_id' => $booking->visit_id, 'repeat_id' => $booking->repeat_id];
        foreach (array_filter($shared) as $column => $id) {
            $all = Booking::query()->where('business_id', $booking->business_id)->where($column, $id)->get();
            $with = [...$with ?? [], ...$all->all()];
        }

        return [$booking, ...$with ?? []];
    }

    /**
     * @param  list<Booking>  $bookings of one business
     * @return Builder<OutboxEntry>
     */
    private static function of(array $bookings): Builder
    {
        return OutboxEntry::query()
            ->where('business_id', $bookings[0]->business_id ?? 0)
            ->whereIn('booking_id', array_map(static fn (Booking $one): string => $one->id, $bookings))
            ->where('channel', ChannelName::Mail);
    }
}
